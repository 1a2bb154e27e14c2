import { type ReactNode, Suspense } from "react";
import { May } from "@/features/account/May";
import { SavingNotice } from "@/features/house/SavingNotice";
import { Alarms } from "@/features/live/Alarms";
import { HuntBar } from "@/features/live/HuntBar";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { LiveBar } from "@/features/shell/LiveBar";
import { lazily } from "@/lib/lazily";
import type { Instrument } from "@/types/sent";
import { Segments } from "@/ui/Segments";
import type { Beside, Job } from "./address";
import { NothingPicked } from "./NothingPicked";
import type { EntryLine } from "./useEntryLine";
import type { Workspace } from "./useWorkspace";

const BoxPanel = lazily(async () => (await import("@/features/box/BoxPanel")).BoxPanel);
const MeasurePanel = lazily(async () => (await import("@/features/measure/MeasurePanel")).MeasurePanel);
const OutletPanel = lazily(async () => (await import("@/features/outlet/OutletPanel")).OutletPanel);
const OutletSheet = lazily(async () => (await import("@/features/outlet/OutletSheet")).OutletSheet);
const ScopePanel = lazily(async () => (await import("@/features/decide/ScopePanel")).ScopePanel);
const TracePanel = lazily(async () => (await import("@/features/trace/TracePanel")).TracePanel);
const TripsPanel = lazily(async () => (await import("@/features/trips/TripsPanel")).TripsPanel);

interface Props {
  work: Workspace;
  choices: OutletChoices;
  instruments: Instrument[];
  entry: EntryLine;
}

/** What stands beside the drawing at a desk, and over it on a phone: the outlet, its box, its instruments, or the next step. */
export function BesideDrawing({ work, choices, instruments, entry }: Props) {
  const { house, outlet, job, beside, wide } = work;
  // On a phone an outlet that is only shown in its run leaves the drawing in sight.
  const isOpen = outlet !== null && (wide || beside !== "next");
  const panel = isOpen && <OfOutlet work={work} choices={choices} instruments={instruments} entry={entry} />;
  if (!wide)
    return (
      panel &&
      outlet && (
        <Suspense>
          <OutletSheet
            above={
              <>
                <LiveBar house={house} />
                <Alarms house={house} />
                <SavingNotice
                  house={house}
                  counted
                  onMend={(line) => {
                    entry.setLine(line);
                    entry.focus();
                  }}
                />
                <HuntBar hunt={work.hunt} />
              </>
            }
            title={`${outlet.code} ${outlet.name}`}
            onClose={() => work.select(null)}
            onStep={work.step}
          >
            <Tabs work={work} />
            {panel}
          </OutletSheet>
        </Suspense>
      )
    );
  if (job === "call") return null;
  return (
    <aside
      aria-label={
        beside === "next" && job === "trace"
          ? "The trace"
          : beside === "next" && job === "trips"
            ? "The next test"
            : beside === "next" && job === "decide"
              ? "Scope and price"
              : "The selected outlet"
      }
      className="relative min-h-0 overflow-y-auto border-l-2 border-ink bg-raised px-4.5 py-4 print:hidden"
    >
      {(outlet || !hasNoNext(job)) && <Tabs work={work} />}
      {beside === "next" && !hasNoNext(job) ? <NextStep work={work} /> : panel || <NothingPicked work={work} />}
    </aside>
  );
}

/** Jobs whose question stands in the drawing itself. */
function hasNoNext(job: Job): boolean {
  return job === "survey" || job === "prove" || job === "keep";
}

function Tabs({ work }: { work: Workspace }) {
  const next: [Beside, string][] =
    work.wide && work.job === "trace"
      ? [["next", "Trace"]]
      : work.wide && work.job === "trips"
        ? [["next", "Test"]]
        : work.wide && work.job === "decide"
          ? [["next", "Scope"]]
          : [];
  return (
    <div className="mb-3">
      <Segments
        label="Beside the drawing"
        value={work.beside}
        options={[...next, ["outlet", "Outlet"], ["box", "Box"], ["measure", "Measure"]]}
        onChange={work.putBeside}
      />
    </div>
  );
}

/** The next step of the call, or of the trace. */
function NextStep({ work }: { work: Workspace }): ReactNode {
  const { house, trips, runs } = work;
  if (work.job === "decide")
    return (
      <Suspense>
        <ScopePanel house={house} decide={work.decide} forCall={trips.sheet?.state?.parts ?? []} />
      </Suspense>
    );
  return (
    <Suspense>
      <May what="work">
        {work.job === "trips"
          ? trips.sheet && <TripsPanel trips={trips} sheet={trips.sheet} onBox={work.openBox} />
          : runs.sheet && (
              <TracePanel
                runs={runs}
                sheet={runs.sheet}
                rooms={house.sheet.rooms}
                live={house.sheet.live}
                onTurn={house.turn}
                asking={work.asking}
                onAsking={work.ask}
                onBox={work.openBox}
              />
            )}
      </May>
    </Suspense>
  );
}

function OfOutlet({ work, choices, instruments, entry }: Props): ReactNode {
  const { house, outlet, beside } = work;
  if (!outlet) return null;
  if (beside === "box")
    return (
      <Suspense>
        <May what="work">
          <BoxPanel
            key={outlet.id}
            house={house}
            hunt={work.hunt}
            outlet={outlet}
            onObserve={(seen) => void work.runs.observe(seen)}
            trips={work.hasCall ? work.trips : null}
            onBox={work.openBox}
            onTrips={() => work.goTo("trips")}
          />
        </May>
      </Suspense>
    );
  if (beside === "measure")
    return (
      <Suspense>
        <May what="work">
          <MeasurePanel
            key={outlet.id}
            house={house}
            outlet={outlet}
            instruments={instruments}
            looking={work.looking}
          />
        </May>
      </Suspense>
    );
  return (
    <Suspense>
      <OutletPanel
        key={outlet.id}
        hand={house}
        outlet={outlet}
        choices={choices}
        instruments={instruments}
        onRun={() => work.showRun(outlet.id)}
        onProve={() => work.goTo("prove")}
        onLine={(text) => {
          if (!work.wide) work.select(null);
          entry.setLine(text);
          entry.focus();
        }}
      />
    </Suspense>
  );
}
