import { Head } from "@inertiajs/react";
import { lazy, Suspense, useState } from "react";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { arranged } from "@/features/rooms/walk";
import { HouseShell } from "@/features/shell/HouseShell";
import { QuickEntryBar } from "@/features/survey/QuickEntryBar";
import { BesideDrawing } from "@/features/workspace/BesideDrawing";
import { Drawing } from "@/features/workspace/Drawing";
import { useEntryLine } from "@/features/workspace/useEntryLine";
import { useKeys } from "@/features/workspace/useKeys";
import { useWorkspace } from "@/features/workspace/useWorkspace";
import { ViewBar } from "@/features/workspace/ViewBar";
import { cn } from "@/lib/cn";
import { useMay } from "@/lib/useMay";
import type { Glossary } from "@/types/entry";
import type { Jurisdiction } from "@/types/jurisdiction";
import type { JudgedPage } from "@/types/pages";
import type { Instrument } from "@/types/sent";

const ShorthandHelp = lazy(async () => ({ default: (await import("@/features/survey/ShorthandHelp")).ShorthandHelp }));

interface Props {
  sheet: JudgedPage;
  choices: OutletChoices;
  shorthand: Glossary[];
  instruments: Instrument[];
  jurisdictions: Jurisdiction[];
}

/** One house, as it is worked in: a view of it, what stands beside, and the line of quick entry below. */
export default function Show({ sheet: initial, choices, shorthand, instruments, jurisdictions }: Props) {
  const work = useWorkspace(initial);
  const { house, view, wide } = work;
  const { rooms } = house.sheet;
  const entry = useEntryLine(rooms, work.selected);
  const [help, setHelp] = useState(false);
  const may = useMay();
  const move = (what: "areas" | "points", by: 1 | -1) => {
    const change = work.selected === null ? null : arranged(rooms, work.selected, what, by);
    if (change) house.arrange(change);
  };
  useKeys({ step: work.step, move, onEntry: entry.focus, onHelp: () => setHelp(true) });
  return (
    <HouseShell house={house} hunt={work.hunt} view={view} onView={work.setView}>
      <Head title={house.sheet.house.name} />
      <div
        className={cn(
          "flex min-h-0 min-w-0 flex-1 lg:grid print:block",
          view === "call"
            ? "lg:grid-cols-1"
            : view === "trips"
              ? "lg:grid-cols-[1fr_26rem]"
              : "lg:grid-cols-[1fr_21.75rem]",
        )}
      >
        <main className="flex min-h-0 min-w-0 flex-1 flex-col">
          <div className="min-h-0 flex-1 overflow-y-auto pr-4 pl-5 max-lg:px-3 print:overflow-visible">
            <ViewBar work={work} choices={choices} jurisdictions={jurisdictions} />
            <Suspense>
              <Drawing work={work} />
            </Suspense>
          </div>
          {may.change && (wide ? view !== "trips" : view !== "runs" && !work.isCall) && (
            <QuickEntryBar
              house={house}
              field={entry.field}
              line={entry.line}
              onLine={entry.setLine}
              area={entry.area}
              last={entry.last}
              onEntered={(entered) => {
                entry.entered(entered);
                if (entered.in === "points" && wide) work.select(entered.id);
              }}
              onFound={work.select}
              onHelp={() => setHelp(true)}
            />
          )}
        </main>
        <BesideDrawing work={work} choices={choices} instruments={instruments} entry={entry} />
      </div>
      <Suspense>{help && <ShorthandHelp glossaries={shorthand} onClose={() => setHelp(false)} />}</Suspense>
    </HouseShell>
  );
}
