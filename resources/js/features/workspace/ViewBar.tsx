import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { VerdictKey } from "@/features/rooms/VerdictKey";
import { cn } from "@/lib/cn";
import type { Jurisdiction } from "@/types/jurisdiction";
import { Segments } from "@/ui/Segments";
import { JudgedBy } from "./JudgedBy";
import { TITLES } from "./useView";
import type { Workspace } from "./useWorkspace";

interface Props {
  work: Workspace;
  choices: OutletChoices;
  jurisdictions: Jurisdiction[];
}

/** Above the drawing: which view, by which code, and what the marks mean. */
export function ViewBar({ work, choices, jurisdictions }: Props) {
  const { view, isCall, wide } = work;
  const hasCode = !isCall && (wide || view !== "runs");
  return (
    <div
      className={cn(
        "flex flex-wrap items-center gap-x-4 gap-y-1.5 py-2.5 print:hidden",
        ((view === "runs" && work.asking) || isCall) && "max-lg:hidden",
      )}
    >
      <h1 className="sr-only">{TITLES[view]}</h1>
      <Segments
        label="View"
        value={view}
        options={[
          ["rooms", "Rooms"],
          ["runs", "Runs"],
          ["findings", "Findings"],
          ["trips", "Trips"],
        ]}
        onChange={work.setView}
      />
      {hasCode && <JudgedBy house={work.house} choices={choices} jurisdictions={jurisdictions} />}
      {hasCode && view !== "findings" && (
        <>
          <Segments
            label="Protection that is drawn"
            value={work.protection}
            options={[
              ["gfci", "GFCI"],
              ["afci", "AFCI"],
            ]}
            onChange={work.setProtection}
          />
          <VerdictKey
            outlets={work.outlets}
            className="max-lg:order-3"
            protection={work.protection}
            selected={work.selected}
            onSelect={work.select}
          />
        </>
      )}
    </div>
  );
}
