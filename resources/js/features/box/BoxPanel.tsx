import { Suspense, useState } from "react";
import { Findings } from "@/features/findings/Findings";
import type { HouseInHand } from "@/features/house/useHouse";
import { useOutletSheet } from "@/features/house/useOutletSheet";
import { MakeSafe } from "@/features/live/MakeSafe";
import type { HuntInHand } from "@/features/live/usePulse";
import { LeakageBudget } from "@/features/measure/LeakageBudget";
import type { TripsInHand } from "@/features/trips/useTrips";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import type { BoxPage, Land, MeasurePage, Outlet, Pair } from "@/types/pages";
import type { Observation } from "@/types/sent";

import { Button } from "@/ui/Button";
import { NotCome } from "@/ui/NotCome";
import { BoxFound } from "./BoxFound";
import { HowOpen } from "./HowOpen";
import { Notes } from "./Notes";
import { PairByTest } from "./PairByTest";
import { PairCard } from "./PairCard";
import { Photos } from "./Photos";
import { Tags } from "./Tags";
import { WhereItSat } from "./WhereItSat";

const TestInBox = lazily(async () => (await import("@/features/trips/TestInBox")).TestInBox);
const BackToBack = lazily(async () => (await import("./BackToBack")).BackToBack);

interface Props {
  house: HouseInHand;
  hunt: HuntInHand;
  outlet: Outlet;
  onObserve: (seen: Observation) => void;
  /** The call that is open, whose tests are done here too; null while none is. */
  trips: TripsInHand | null;
  onBox: (point: string) => void;
  onTrips: () => void;
}

/** One box: make it safe, what comes in, where each pair lands, what is to be looked at before it is closed. */
export function BoxPanel({ house, hunt, outlet, onObserve, trips, onBox, onTrips }: Props) {
  const asked = useOutletSheet<BoxPage>(house, outlet.id, "box");
  const box = asked.sheet;
  const own = useOutletSheet<MeasurePage>(house, outlet.id, "measures").sheet?.budgets.find(
    (budget) => budget.id === outlet.id,
  );
  const [backs, setBacks] = useState(false);
  if (!box) return <NotCome what={`the box of ${outlet.code}`} asked={asked} />;
  // What was counted stands, however many cables are drawn: which of them is which pair is another question.
  const counted = box.opened ?? box.pairs.length;
  const land = (pair: Pair, side: Land) => {
    if (pair.cable === null) {
      if (pair.name === null) return;
      const path: `outlets/${string}/wires` = `outlets/${encodeURIComponent(box.point)}/wires`;
      void house.send({ path, pair: pair.name, back: "new", hot: side, neutral: side });
      return;
    }
    house.change([{ in: "cables", id: pair.cable.id, set: { [pair.cable.end]: { land: side } } }]);
  };
  const see = (pair: Pair, set: Record<string, unknown>) => {
    if (pair.cable !== null) house.change([{ in: "cables", id: pair.cable.id, set }]);
    else if (pair.name !== null)
      void house.send({ path: `outlets/${encodeURIComponent(box.point)}/pairs`, pair: pair.name, set });
  };
  const note = (text: string) => void house.send({ path: `outlets/${encodeURIComponent(box.point)}/notes`, text });
  return (
    <div className="flex flex-col gap-3.5">
      <header>
        <p className="code text-sm text-ink-2">{outlet.code}</p>
        <h2 className="text-2xl">{outlet.name}</h2>
        <p className="text-ink-2">
          {outlet.deviceName}
          {counted > 0 && `, ${counted === 1 ? "one pair" : `${counted} pairs`}`}
        </p>
      </header>
      <MakeSafe house={house} hunt={hunt} box={box} code={outlet.code} />
      <HowOpen house={house} box={box} />
      <Suspense>{trips && <TestInBox trips={trips} point={outlet.id} onBox={onBox} onTrips={onTrips} />}</Suspense>
      {box.asFound && <p className="border-l-4 border-bare bg-bare-ground px-3 py-2 font-semibold">{box.asFound}</p>}
      {box.opened !== null && box.feedsThrough && <WhereItSat house={house} box={box} />}
      <section aria-label="Pairs" className="border-t-2 border-ink pt-3">
        <h3 className="mb-2 text-base">Pairs</h3>
        {box.opened === null && <Count box={box} onObserve={onObserve} />}
        {box.opened !== null && box.pairs.some((pair) => pair.cable === null && pair.isFeed !== true) && (
          <p className="mb-2 text-sm text-ink-2">
            What is behind a pair that is not drawn is found later: by the TEST of the device, or by lifting it. Land it
            all the same.
          </p>
        )}
        <div className="flex flex-col gap-2">
          {box.pairs.map((pair, index) => (
            <PairCard
              key={pair.name ?? pair.cable?.id ?? index}
              pair={pair}
              box={box}
              unit={house.sheet.house.unit}
              onObserve={onObserve}
              onLand={land}
              onSeen={see}
            />
          ))}
        </div>
        {box.feedsThrough && box.pairs.length > 0 && (
          <Button className="mt-2 w-full" onClick={() => setBacks(true)}>
            Old back to new back
          </Button>
        )}
        <Tags box={box} code={outlet.code} />
        {counted > 1 && <PairByTest pairs={counted} onNote={note} />}
      </section>
      <Findings
        edition={house.sheet.house.editionName}
        findings={outlet.findings.filter((finding) => finding.severity !== "advice")}
      />
      {own && <LeakageBudget budget={own} />}
      <BoxFound house={house} box={box} />
      <Volume box={box} />
      <Checks house={house} box={box} />
      <Photos house={house} box={box} code={outlet.code} />
      <Notes notes={box.notes} onNote={note} />
      <Suspense>
        {backs && <BackToBack house={house} box={box} code={outlet.code} onClose={() => setBacks(false)} />}
      </Suspense>
    </div>
  );
}

/** The pairs are counted once the plate is off, which is not before the point is proved dead. */
function Count({ box, onObserve }: { box: BoxPage; onObserve: (seen: Observation) => void }) {
  return (
    <fieldset className="mb-2" disabled={!box.handsOn.allowed}>
      <legend className="text-sm text-ink-2">
        {box.handsOn.allowed
          ? "Plate off, device out straight: how many pairs come in?"
          : "The plate stays on until the point is proved dead; then the pairs are counted."}
      </legend>
      <div className="mt-1 flex gap-1.5">
        {[1, 2, 3, 4, 5].map((pairs) => (
          <Button
            key={pairs}
            size="small"
            className="flex-1"
            disabled={!box.handsOn.allowed}
            aria-label={`${pairs} ${pairs === 1 ? "pair" : "pairs"}`}
            onClick={() => onObserve({ kind: "open", point: box.point, pairs })}
          >
            {pairs}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

function Volume({ box: { volume } }: { box: BoxPage }) {
  if (volume.has === null && volume.needs === null) return null;
  const over = volume.has !== null && volume.needs !== null && volume.needs > volume.has;
  return (
    <p className={cn("border-t border-hair pt-2", over && "font-semibold text-bare")}>
      {volume.has === null ? "Box volume not noted" : `Box has ${volume.has} in³`}
      {volume.needs !== null && `, needs ${volume.needs}`}
      <span className="block text-sm font-normal text-ink-2">314.16: conductors, grounds, clamps, device.</span>
    </p>
  );
}

/** What is looked at before the box is closed: one tap is right, a second one is wrong. */
function Checks({ house, box }: { house: HouseInHand; box: BoxPage }) {
  const done = box.checks.filter((check) => check.ok !== null).length;
  const path: `outlets/${string}/checks` = `outlets/${encodeURIComponent(box.point)}/checks`;
  return (
    <section aria-label="Before it is closed" className="border-t-2 border-ink pt-3">
      <h3 className="text-base">
        Before it is closed{" "}
        <span className="font-normal text-ink-2">
          {done} of {box.checks.length}
        </span>
      </h3>
      <ul>
        {box.checks.map((check) => (
          <li key={check.id} className="border-t border-hair first:border-t-0">
            <button
              type="button"
              className={cn(
                "grid min-h-10 w-full cursor-pointer grid-cols-[4.2rem_1fr] items-center gap-2 py-1 text-left",
                "hover:bg-band max-lg:min-h-12",
              )}
              onClick={() => void house.send({ path, check: check.id, ok: check.ok !== true })}
            >
              <span
                className={cn(
                  "border-[1.5px] px-1.5 py-0.5 text-center text-sm font-bold narrow",
                  check.ok === null && "border-edge text-ink-2",
                  check.ok === true && "border-kept bg-kept-ground text-kept",
                  check.ok === false && "border-bare bg-bare-ground text-bare",
                )}
              >
                {check.ok === null ? "look" : check.ok ? "right" : "wrong"}
              </span>
              <span className="leading-snug">{check.label}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
