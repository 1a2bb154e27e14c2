import { Head } from "@inertiajs/react";
import { Suspense, useEffect, useMemo, useState } from "react";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { arranged } from "@/features/rooms/walk";
import { HouseShell } from "@/features/shell/HouseShell";
import type { StripTool } from "@/features/shell/JobStrip";
import { QuickEntryBar } from "@/features/survey/QuickEntryBar";
import type { Job } from "@/features/workspace/address";
import { BesideDrawing } from "@/features/workspace/BesideDrawing";
import { Drawing } from "@/features/workspace/Drawing";
import { useEntryLine } from "@/features/workspace/useEntryLine";
import { useKeys } from "@/features/workspace/useKeys";
import { useWorkspace, type Workspace } from "@/features/workspace/useWorkspace";
import { ViewBar } from "@/features/workspace/ViewBar";
import { cn } from "@/lib/cn";
import { fetchSoon, lazily } from "@/lib/lazily";
import { useMay, useMe } from "@/lib/useMay";
import type { Glossary } from "@/types/entry";
import type { Jurisdiction } from "@/types/jurisdiction";
import type { JudgedPage, MannersKnown } from "@/types/pages";
import type { Instrument } from "@/types/sent";

const ShorthandHelp = lazily(async () => (await import("@/features/survey/ShorthandHelp")).ShorthandHelp);
const Palette = lazily(async () => (await import("@/features/palette/Palette")).Palette);

/** Jobs in which outlets are entered by a line. */
const TYPED: Job[] = ["call", "survey", "trace"];

interface Props {
  sheet: JudgedPage;
  choices: OutletChoices;
  shorthand: Glossary[];
  instruments: Instrument[];
  jurisdictions: Jurisdiction[];
  /** What the crew knows of devices from its other houses. */
  manners: MannersKnown[];
}

/** One house, as it is worked in: the job that is on with its drawing, what stands beside, and the line of quick entry below. */
export default function Show({ sheet: initial, choices: all, shorthand, instruments, jurisdictions, manners }: Props) {
  const choices = useMemo(() => ({ ...all, manners }), [all, manners]);
  const work = useWorkspace(initial, useMe()?.id ?? "");
  const { house, job, wide } = work;
  const { rooms } = house.sheet;
  const entry = useEntryLine(rooms, work.selected);
  const [help, setHelp] = useState(false);
  const [searching, search] = useState(false);
  const [typing, type] = useState(false);
  const may = useMay();
  useEffect(fetchSoon, []);
  const move = (what: "areas" | "points", by: 1 | -1) => {
    const change = work.selected === null ? null : arranged(rooms, work.selected, what, by);
    if (change) house.arrange(change);
  };
  const toLine = () => {
    type(true);
    entry.focus();
  };
  useKeys({ step: work.step, move, onEntry: toLine, onHelp: () => setHelp(true), onSearch: () => search(true) });
  const hasLine = may.change && (wide ? TYPED.includes(job) : job === "survey");
  return (
    <HouseShell
      house={house}
      hunt={work.hunt}
      job={job}
      onJob={work.goTo}
      onSearch={() => search(true)}
      onMend={(line) => {
        entry.setLine(line);
        toLine();
      }}
      tools={tools(work, hasLine ? { pressed: typing, onTap: () => (typing ? type(false) : toLine()) } : null)}
    >
      <Head title={house.sheet.house.name} />
      <div
        className={cn(
          "flex min-h-0 min-w-0 flex-1 lg:grid print:block",
          job === "call"
            ? "lg:grid-cols-1"
            : job === "trips"
              ? "lg:grid-cols-[1fr_26rem]"
              : "lg:grid-cols-[1fr_21.75rem]",
        )}
      >
        <main className="flex min-h-0 min-w-0 flex-1 flex-col">
          {/* What is placed in it by its edges is placed in it, not on the page, which would scroll. */}
          <div className="relative min-h-0 flex-1 overflow-y-auto pr-4 pl-5 max-lg:px-3 print:overflow-visible">
            <ViewBar work={work} choices={choices} jurisdictions={jurisdictions} />
            <Suspense>
              <Drawing work={work} choices={choices} />
            </Suspense>
          </div>
          {hasLine && (wide || typing) && (
            <QuickEntryBar
              house={house}
              entry={entry}
              onEntered={(entered) => {
                entry.entered(entered);
                if (entered.in === "points" && wide) work.select(entered.id);
              }}
              onFound={(found) => (found.in === "points" ? work.select(found.id) : work.showRoom(found.id))}
              onHelp={() => setHelp(true)}
              onLeave={() => type(false)}
            />
          )}
        </main>
        <BesideDrawing work={work} choices={choices} instruments={instruments} entry={{ ...entry, focus: toLine }} />
      </div>
      <Suspense>
        {help && <ShorthandHelp glossaries={shorthand} onClose={() => setHelp(false)} />}
        {searching && (
          <Palette work={work} onLine={toLine} onHelp={() => setHelp(true)} onClose={() => search(false)} />
        )}
      </Suspense>
    </HouseShell>
  );
}

/** On a phone, beside the job: its other drawing, and the line to type. */
function tools(work: Workspace, line: Omit<StripTool, "name"> | null): StripTool[] {
  const found = work.house.sheet.concerns.length;
  return [
    ...(work.job === "survey" && found > 0
      ? [{ name: work.found ? "Rooms" : "Found", onTap: () => work.goTo("survey", !work.found) }]
      : []),
    ...(line ? [{ name: "Type", ...line }] : []),
  ];
}
