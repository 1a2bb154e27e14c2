import { Suspense, useState } from "react";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { VerdictKey } from "@/features/rooms/VerdictKey";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import type { Jurisdiction } from "@/types/jurisdiction";
import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import type { Job } from "./address";
import { JudgedBy } from "./JudgedBy";
import type { Workspace } from "./useWorkspace";

const Sheet = lazily(async () => (await import("@/ui/Sheet")).Sheet);

interface Props {
  work: Workspace;
  choices: OutletChoices;
  jurisdictions: Jurisdiction[];
}

const TITLES: Record<Job, string> = {
  call: "Call",
  survey: "Rooms",
  trace: "Runs",
  trips: "Trips",
  decide: "Decide",
  prove: "Prove",
  keep: "Keep",
};

/** Above the drawing: by which code, which protection, and what the marks mean; of the survey, its rooms or what was found. */
export function ViewBar({ work, choices, jurisdictions }: Props) {
  const { job, isCall, wide, found } = work;
  const hasCode =
    !isCall && job !== "prove" && job !== "keep" && (wide || job === "survey") && work.house.sheet.rooms.length > 0;
  const [open, setOpen] = useState(false);
  const head = work.house.sheet.house;
  const judgedBy = <JudgedBy house={work.house} choices={choices} jurisdictions={jurisdictions} />;
  const key = (
    <VerdictKey
      outlets={work.outlets}
      protection={work.protection}
      selected={work.selected}
      onSelect={(id) => {
        setOpen(false);
        work.select(id);
      }}
    />
  );
  return (
    <div
      className={cn(
        "flex flex-wrap items-center gap-x-4 gap-y-1.5 py-2.5 print:hidden",
        ((job === "trace" && work.asking) || isCall || !hasCode) && "max-lg:hidden",
      )}
    >
      <h1 className="sr-only">{found ? "Found" : TITLES[job]}</h1>
      {job === "survey" && wide && hasCode && (
        <Segments
          label="Of the survey"
          value={found ? "found" : "rooms"}
          options={[
            ["rooms", "Rooms"],
            ["found", `Found ${work.house.sheet.concerns.length}`],
          ]}
          onChange={(shown) => work.goTo("survey", shown === "found")}
        />
      )}
      {hasCode && wide && job === "survey" && judgedBy}
      {hasCode && !found && (
        <Segments
          label="Protection that is drawn"
          value={work.protection}
          options={[
            ["gfci", "GFCI"],
            ["afci", "AFCI"],
          ]}
          onChange={work.setProtection}
        />
      )}
      {hasCode && !found && wide && key}
      {hasCode && !wide && (
        <Button className="min-w-0 flex-1" aria-haspopup="dialog" onClick={() => setOpen(true)}>
          <span className="truncate">
            {head.editionName}, {head.workName.toLowerCase()}; the marks
          </span>
        </Button>
      )}
      {open && (
        <Suspense>
          <Sheet title="Judged by, and the marks" onClose={() => setOpen(false)} foot>
            <div className="flex flex-col gap-4 p-4">
              {judgedBy}
              {key}
            </div>
          </Sheet>
        </Suspense>
      )}
    </div>
  );
}
