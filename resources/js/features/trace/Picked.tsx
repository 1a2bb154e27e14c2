import type { ReactNode } from "react";
import { cn } from "@/lib/cn";
import type { Outlet, Room, RunsPage } from "@/types/pages";
import type { Observation } from "@/types/sent";

import type { Asking } from "./asking";

interface Props {
  asking: Asking;
  sheet: RunsPage;
  rooms: Room[];
  onChange: (asking: Asking) => void;
  onFile: (observation: Observation) => void;
}

const PICK = {
  off: "Which breaker is off?",
  trip: "Which TEST was pressed?",
  button: "At which outlet?",
  open: "Which box is open?",
  lift: "Which box is open?",
} as const;

/** Observations that are one tap: which place it is about, how many pairs, which device answered. */
export function Picked({ asking, sheet, rooms, onChange, onFile }: Props) {
  const outlets = rooms.flatMap((room) => room.outlets);
  const { kind, at } = asking;
  if (at === null) {
    return (
      <Question title={PICK[kind]}>
        {(kind === "off" || kind === "trip") &&
          sheet.circuits
            .filter((run) => kind === "off" || run.hasTest)
            .map((run) => (
              <Tile key={run.id} top={run.slot} name={run.label} onTap={() => onChange({ ...asking, at: run.id })} />
            ))}
        {kind !== "off" &&
          outlets
            .filter((outlet) => may(kind, outlet, sheet))
            .map((outlet) => (
              <Tile
                key={outlet.id}
                top={outlet.code}
                name={outlet.name}
                onTap={() => onChange({ ...asking, at: outlet.id })}
              />
            ))}
      </Question>
    );
  }
  if (kind === "open") {
    return (
      <Question
        title="How many pairs come in?"
        hint="Hot and neutral of one cable are a pair; grounds are not counted."
      >
        {[1, 2, 3, 4, 5, 6].map((pairs) => (
          <Tile
            key={pairs}
            top={String(pairs)}
            name={pairs === 1 ? "pair" : "pairs"}
            onTap={() => onFile({ kind: "open", point: at, pairs })}
          />
        ))}
      </Question>
    );
  }
  if (kind === "button") {
    const grounded = "Without a ground the button cannot trip anything: then this proves nothing.";
    return (
      <Question title="Which device answered?" hint={grounded}>
        {sheet.circuits
          .filter((run) => run.gfci)
          .map((run) => (
            <Tile
              key={run.id}
              top={run.slot}
              name={run.label}
              onTap={() => onFile({ kind, point: at, tripped: [run.id] })}
            />
          ))}
        {outlets
          .filter((outlet) => sheet.outlets[outlet.id]?.hasTest)
          .map((outlet) => (
            <Tile
              key={outlet.id}
              top={outlet.code}
              name={outlet.name}
              onTap={() => onFile({ kind, point: at, tripped: [outlet.id] })}
            />
          ))}
        <Tile top="none" name="nothing tripped" onTap={() => onFile({ kind, point: at, tripped: [] })} />
      </Question>
    );
  }
  return null;
}

/** A box is not opened before its point is proved dead. */
function may(kind: Asking["kind"], outlet: Outlet, sheet: RunsPage): boolean {
  const traced = sheet.outlets[outlet.id];
  if (kind === "trip") return traced?.hasTest === true;
  if (kind === "open") return traced?.handsOn.allowed === true && traced.pairs === null;
  return outlet.kind === "receptacle";
}

function Question({ title, hint, children }: { title: string; hint?: string; children: ReactNode }) {
  return (
    <>
      <h2 className="text-2xl">{title}</h2>
      {hint && <p className="mb-2 text-ink-2">{hint}</p>}
      <div className="mt-2 grid grid-cols-3 gap-2">{children}</div>
    </>
  );
}

function Tile({ top, name, onTap }: { top: string; name: string; onTap: () => void }) {
  return (
    <button
      type="button"
      aria-label={`${top} ${name}`}
      onClick={onTap}
      className={cn(
        "flex min-h-14 cursor-pointer flex-col items-center justify-center border-2 border-ink bg-raised px-1",
        "hover:bg-band max-lg:min-h-16",
      )}
    >
      <span className="code">{top}</span>
      <span className="max-w-full truncate text-xs text-ink-2 narrow">{name}</span>
    </button>
  );
}
