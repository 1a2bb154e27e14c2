import { cn } from "@/lib/cn";
import type { VisitOutlet, VisitShown } from "@/types/pages";

interface Props {
  visit: VisitShown;
  picked: string | null;
  onPick: (place: string) => void;
}

/** The house as far as it is known: the panel, each room with its outlets, what is plugged in, and the runs where somebody traced them. */
export function Places({ visit, picked, onPick }: Props) {
  const plate = (place: string, label: string, about: string, open = false, isCode = false) => (
    <button
      key={place}
      type="button"
      aria-pressed={picked === place}
      onClick={() => onPick(place)}
      className={cn(
        "min-h-11 cursor-pointer border-[1.5px] bg-raised px-2.5 py-1 text-left hover:border-ink max-lg:min-h-12",
        "aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-on-ink",
        open ? "border-dashed border-bare" : "border-edge",
      )}
    >
      <span className={cn("block font-semibold", isCode && "code")}>{label}</span>
      <span className={cn("block text-sm", picked === place ? "text-on-ink-2" : "text-ink-2")}>{about}</span>
    </button>
  );
  return (
    <div>
      <div className="flex flex-wrap gap-1.5">
        {visit.circuits.map((one) =>
          plate(`circuit ${one.id}`, one.name, one.isOff ? "off by hand" : "in the panel", one.isOff),
        )}
        {plate("house", "The house", "wait, walk round")}
      </div>
      {visit.rooms.map((room) => (
        <section key={room.code} aria-label={room.name} className="mt-3">
          <h3 className="text-base">
            <span className="code">{room.code}</span> {room.name}
          </h3>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {room.outlets.map((one) => plate(`point ${one.id}`, one.code, about(one), one.boxLabel !== null, true))}
          </div>
        </section>
      ))}
      {visit.things.length > 0 && (
        <section aria-label="Plugged in" className="mt-3">
          <h3 className="text-base">What there is to plug in</h3>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {visit.things.map((one) =>
              plate(`thing ${one.id}`, one.name, `${one.at ?? "unplugged"}${one.isOn ? ", switched on" : ""}`),
            )}
          </div>
        </section>
      )}
      <section aria-label="Runs" className="mt-4 border-t border-hair pt-2">
        <h3 className="text-base">Runs</h3>
        {visit.runs === null ? (
          <p className="text-ink-2">Nobody has traced them. What feeds what is for you to find.</p>
        ) : (
          <ul>
            {visit.runs.map((run) => (
              <li key={run.circuit} className="py-1">
                {run.circuit}:{" "}
                <span className="code">
                  {run.outlets.map((one) => `${"› ".repeat(Math.min(one.depth, 1))}${one.code}`).join(" ")}
                </span>
              </li>
            ))}
          </ul>
        )}
      </section>
    </div>
  );
}

function about(outlet: VisitOutlet): string {
  return [outlet.name, outlet.device === "Standard" ? null : outlet.device, outlet.boxLabel]
    .filter((one) => one !== null)
    .join(", ");
}
