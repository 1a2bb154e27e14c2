import { CircleHelp } from "lucide-react";
import { useEffect, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import type { EntryLine } from "@/features/workspace/useEntryLine";
import type { Entered, EntryReading } from "@/types/entry";
import { Button } from "@/ui/Button";

interface Props {
  house: HouseInHand;
  entry: EntryLine;
  onEntered: (entered: Entered) => void;
  /** A line that names something and says nothing of it goes there. */
  onFound: (found: Pick<EntryReading, "in" | "id">) => void;
  onHelp: () => void;
  /** Esc leaves the line. */
  onLeave: () => void;
}

const PAUSE_MS = 90;

/** So long nothing was typed: a line that comes back then is in nobody's way. */
const QUIET_MS = 700;

/** One line adds or changes one thing. It is read as it is typed; what is wrong is marked at its word. */
export function QuickEntryBar({ house, entry, onEntered, onFound, onHelp, onLeave }: Props) {
  const { field, line, setLine: onLine, area, last } = entry;
  const [before, setBefore] = useState("");
  const [reading, setReading] = useState<{ of: string; said: EntryReading } | null>(null);
  const { ask } = house;
  const areaId = area?.id ?? null;
  /** What a reading is of: the same words may say something else in another room, or once the line before is carried out. */
  const asked = JSON.stringify([line, areaId, last, house.version]);

  useEffect(() => {
    if (line.trim() === "") {
      setReading(null);
      return;
    }
    let old = false;
    const timer = setTimeout(async () => {
      const read = await ask<EntryReading>("entry/read", { line, area: areaId, last });
      if (!old && read !== null) setReading({ of: asked, said: read });
    }, PAUSE_MS);
    return () => {
      old = true;
      clearTimeout(timer);
    };
  }, [line, areaId, last, ask, asked]);

  // A line that was refused comes back to be mended when nothing else is typed or under way; the others go on.
  const [underWay, setUnderWay] = useState(0);
  const refused = house.told.find((one) => one.refusal !== undefined && one.path === "entry");
  const { drop } = house;
  useEffect(() => {
    if (refused === undefined || line !== "" || underWay > 0) return;
    const timer = setTimeout(() => {
      onLine(String(refused.body.line));
      drop(refused);
    }, QUIET_MS);
    return () => clearTimeout(timer);
  }, [refused, line, underWay, onLine, drop]);

  const enter = async () => {
    if (line.trim() === "") return;
    // What was read of just this line is known; else it is read when its turn comes. The next one can be typed at once.
    const read = reading?.of === asked ? reading.said : null;
    if (read !== null && !read.ready) return;
    setBefore(line);
    onLine("");
    if (read !== null && !read.changes && !read.isNew) {
      onFound(read);
      return;
    }
    setUnderWay((lines) => lines + 1);
    const entered = await house.enter({ line, ...entry.context() });
    setUnderWay((lines) => lines - 1);
    if (entered === null) return;
    // A line that only names something goes there.
    if (entered.changes) onEntered(entered);
    else onFound(entered);
  };

  const said = reading?.of === asked ? reading.said : null;
  const fault = said?.faults[0];
  return (
    <form
      className="border-t-2 border-ink bg-raised print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void enter();
      }}
    >
      <p aria-live="polite" className="min-h-6 px-4 pt-1 text-sm">
        {fault ? (
          <span className="font-semibold text-bare">
            <mark className="code bg-bare-ground px-1 text-bare">{line.slice(fault.from, fault.to)}</mark>{" "}
            {fault.message}
            {fault.instead.map((instead) => (
              <Button
                key={instead}
                size="small"
                className="code ml-2"
                onClick={() => {
                  onLine(line.slice(0, fault.from) + instead + line.slice(fault.to));
                  field.current?.focus();
                }}
              >
                {instead}
              </Button>
            ))}
          </span>
        ) : (
          <span className="text-ink-2">
            {said?.echo ?? (area ? `Next in ${area.code}` : "K1 kit sink, then K1 ct 20 gfci 2'6 sink")}
          </span>
        )}
      </p>
      <div className="flex items-center">
        <input
          ref={field}
          aria-label="Quick entry"
          aria-invalid={fault !== undefined}
          value={line}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={400}
          placeholder={area ? `ct 20 gfci ${house.sheet.house.unit === "m" ? "0.75m" : "2'6"} sink` : "K1 kit sink"}
          onChange={(event) => onLine(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "?" && line === "") {
              event.preventDefault();
              onHelp();
            }
            if (event.key === "Escape") {
              field.current?.blur();
              onLeave();
            }
            if (event.key === "ArrowUp" && line === "" && before !== "") {
              event.preventDefault();
              onLine(before);
            }
          }}
          className="code min-h-12 min-w-0 flex-1 bg-transparent px-4 text-base outline-offset-[-3px]"
        />
        <Button tone="bare" size="small" className="min-h-12" aria-label="The words of quick entry" onClick={onHelp}>
          <CircleHelp size={18} aria-hidden />
        </Button>
        <Button tone="main" type="submit" className="min-h-12 px-5">
          Enter
        </Button>
      </div>
    </form>
  );
}
