import type { ReactNode } from "react";
import { cn } from "@/lib/cn";
import type { BackRead, Land, Move, WirePlace } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";

export type Wire = "hot" | "neutral";
type End = "top" | "bottom";
const ENDS: End[] = ["top", "bottom"];

/** What sits somewhere on the device, by the name of its pair. */
export interface Sitting {
  name: string;
  wire: Wire;
  place: WirePlace | null;
}

/** Where the wires of all pairs sit on the one or the other. */
export function sitting(moves: Move[], which: "old" | "new"): Sitting[] {
  return moves.flatMap((move, index) => {
    const name = move.name ?? String(index + 1);
    return [
      { name, wire: "hot" as const, place: which === "old" ? move.oldHot : move.newHot },
      { name, wire: "neutral" as const, place: which === "old" ? move.oldNeutral : move.newNeutral },
    ];
  });
}

interface Props {
  title: string;
  /** Null while nobody has read it. */
  back: BackRead | null;
  sits: Sitting[];
  onRead: (back: BackRead) => void;
  /** A wire is in hand: where it may sit is tapped. Null where the places are only shown. */
  hand?: Wire | null;
  onPlace?: (land: Land) => void;
}

/** One device from behind: at which end LINE is, which is asked before anything is said, and which wire sits at each screw. */
export function DeviceBack({ title, back, sits, onRead, hand = null, onPlace }: Props) {
  if (back === null)
    return (
      <fieldset>
        <legend className="font-semibold">{title}, held as it sat, from behind: where is LINE?</legend>
        <div className="mt-1.5 flex flex-wrap gap-2">
          <Button className="flex-1" onClick={() => onRead({ lineAt: "top", leads: false })}>
            At the top
          </Button>
          <Button className="flex-1" onClick={() => onRead({ lineAt: "bottom", leads: false })}>
            At the bottom
          </Button>
          <Button className="flex-1" onClick={() => onRead({ lineAt: null, leads: false })}>
            Nothing says so
          </Button>
        </div>
      </fieldset>
    );
  const beside = sits.filter(({ place }) => place?.land === "splice" || place?.land === "cap");
  return (
    <div>
      <div className="mb-1.5 flex flex-wrap items-center gap-2">
        <h4 className="mr-auto text-base font-bold">{title}</h4>
        <Segments
          label={`${title}: screws or leads`}
          value={back.leads ? "leads" : "screws"}
          options={[
            ["screws", "screws"],
            ["leads", "leads"],
          ]}
          onChange={(has) => onRead({ ...back, leads: has === "leads" })}
        />
        <Button size="small" onClick={() => onRead({ ...back, lineAt: back.lineAt === "top" ? "bottom" : "top" })}>
          {back.lineAt === null ? "LINE is at the top" : "Turn it over"}
        </Button>
      </div>
      {back.lineAt === null ? (
        <p className="text-ink-2">
          Nothing on it says which end is LINE: where a wire sat tells nothing then. The meter tells the feed.
        </p>
      ) : (
        <>
          <div className="mx-auto max-w-80 border-2 border-ink bg-sheet">
            {ENDS.map((end) => {
              const land: Land = end === back.lineAt ? "line" : "load";
              return (
                <div key={end} className={cn("px-1 py-2", end === "top" && "border-b-2 border-dashed border-edge")}>
                  <p className="text-center text-lg font-extrabold narrow">{land.toUpperCase()}</p>
                  <div className="flex items-center justify-between gap-1">
                    {(["hot", "neutral"] as const).map((wire) => (
                      <Screw
                        key={wire}
                        label={`${title}: ${land.toUpperCase()}, ${wire === "hot" ? "brass" : "silver"}`}
                        wire={wire}
                        sits={sits.filter((one) => one.wire === wire && one.place?.land === land)}
                        onTap={hand === wire && onPlace ? () => onPlace(land) : null}
                      />
                    ))}
                  </div>
                </div>
              );
            })}
          </div>
          {hand && onPlace && (
            <div className="mx-auto mt-1.5 flex max-w-80 gap-1.5">
              <Button size="small" className="flex-1" onClick={() => onPlace("splice")}>
                In a splice
              </Button>
              <Button size="small" className="flex-1" onClick={() => onPlace("cap")}>
                Capped
              </Button>
            </div>
          )}
          {beside.length > 0 && (
            <p className="mt-1 text-center text-sm text-ink-2">
              {beside
                .map(({ name, wire, place }) => `${name} ${wire} ${place?.land === "cap" ? "capped" : "in the splice"}`)
                .join(", ")}
            </p>
          )}
        </>
      )}
    </div>
  );
}

interface ScrewProps {
  label: string;
  wire: Wire;
  sits: Sitting[];
  onTap: (() => void) | null;
}

/** A terminal, brass for the hot and silver for the neutral; a target while a wire that may sit there is in hand. */
function Screw({ label, wire, sits, onTap }: ScrewProps) {
  const names = sits.map((one) => one.name).join(", ");
  const inside: ReactNode = (
    <>
      <svg viewBox="0 0 28 28" width={28} height={28} aria-hidden focusable="false" className="shrink-0">
        <circle
          cx={14}
          cy={14}
          r={11}
          fill={wire === "hot" ? "var(--brass)" : "var(--silver)"}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <path d="M7 14h14" stroke="var(--ink)" strokeWidth={2} />
      </svg>
      <span className="code min-w-10 text-sm font-bold">{names || "\u00a0"}</span>
    </>
  );
  const look = cn(
    "flex min-h-12 flex-1 items-center gap-1.5 px-1.5",
    wire === "neutral" && "flex-row-reverse text-right",
  );
  return onTap === null ? (
    <p className={look}>
      {inside}
      <span className="sr-only">{label}</span>
    </p>
  ) : (
    <button
      type="button"
      aria-label={label}
      onClick={onTap}
      className={cn(look, "cursor-pointer outline-2 outline-dashed outline-focus hover:bg-band")}
    >
      {inside}
    </button>
  );
}
