import { useEffect, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BackPlace, BoxPage, Land, Move } from "@/types/pages";
import { Choose } from "@/ui/Choose";
import { Segments } from "@/ui/Segments";
import { Sheet } from "@/ui/Sheet";

interface Props {
  house: HouseInHand;
  box: BoxPage;
  code: string;
  onClose: () => void;
}

type End = "top" | "bottom";
type Ends = "terminals" | "leads";
interface Back {
  line: End;
  has: Ends;
}

const UNKNOWN = "unknown";
const SAT = [
  { value: UNKNOWN, label: "not noted" },
  { value: "line", label: "on LINE" },
  { value: "load", label: "on LOAD" },
  { value: "splice", label: "in a splice" },
  { value: "cap", label: "capped" },
];

/** Going from the old back to a new one whose ends may be swapped: each wire with the place it gets. */
export function BackToBack({ house, box, code, onClose }: Props) {
  const [old, setOld] = useState<Back>({ line: "top", has: "terminals" });
  const [next, setNext] = useState<Back>({ line: "bottom", has: "terminals" });
  const [sat, setSat] = useState<string[]>(() =>
    box.pairs.map((pair) =>
      pair.reads.some((read) => read.live && read.by.startsWith("where it sat"))
        ? "line"
        : (pair.landing?.hot ?? UNKNOWN),
    ),
  );
  const [moves, setMoves] = useState<Move[]>([]);
  const path = `outlets/${encodeURIComponent(box.point)}/back`;
  const { ask } = house;
  useEffect(() => {
    const body = (back: Back) => ({ line_at: back.line, leads: back.has === "leads" });
    const asked = { old: body(old), new: body(next), sat: sat.map((land) => (land === UNKNOWN ? null : land)) };
    let gone = false;
    void ask<Move[]>(path, asked).then((found) => {
      if (!gone && found !== null) setMoves(found);
    });
    return () => {
      gone = true;
    };
  }, [ask, path, old, next, sat]);
  return (
    <Sheet title={`${code}: old back to new back`} onClose={onClose} className="max-w-5xl">
      <p className="border-b border-hair px-4 py-2 text-ink-2">
        Read LINE and LOAD on the back of each device: makers put them at either end, and the tape may be gone. Both are
        drawn from behind, the ground screw where it is on the device in your hand.
      </p>
      <div className="grid gap-5 px-4 py-4 lg:grid-cols-[1fr_1fr_1.3fr]">
        <DeviceBack title="Old back" back={old} onChange={setOld} moves={moves} which="old" />
        <DeviceBack title="New back" back={next} onChange={setNext} moves={moves} which="new" />
        <div>
          <h3 className="mb-2 text-base">Each wire</h3>
          <ul className="flex flex-col gap-2">
            {moves.map((move, index) => (
              <li
                key={move.name ?? move.tag ?? index}
                className={cn("border-[1.5px] border-ink px-2.5 py-2", move.objection && "border-2 border-bare")}
              >
                <div className="flex items-center gap-2">
                  <b className="code">{label(move, index)}</b>
                  <span className="flex-1 truncate text-sm text-ink-2">{move.tag}</span>
                  <Choose
                    label={`Where ${label(move, index)} sat`}
                    value={sat[index] ?? UNKNOWN}
                    options={SAT}
                    onChange={(value) => setSat(sat.map((one, at) => (at === index ? value : one)))}
                  />
                </div>
                {move.objection && <p className="mt-1 font-semibold text-bare">{move.objection}</p>}
                {move.new === null ? (
                  <p className="mt-1 text-sm font-semibold text-advised">
                    Where it goes is not decided: tell the feed first, and land the others.
                  </p>
                ) : (
                  <p className="mt-1 text-sm">
                    Hot to <b>{move.new.hot}</b>
                    <br />
                    Neutral to <b>{move.new.neutral}</b>
                    {move.changesEnd && <span className="block font-semibold">It changes ends.</span>}
                  </p>
                )}
              </li>
            ))}
          </ul>
        </div>
      </div>
    </Sheet>
  );
}

function label(move: Move, index: number): string {
  return move.name ?? String(index + 1);
}

interface BackProps {
  title: string;
  back: Back;
  onChange: (back: Back) => void;
  moves: Move[];
  which: "old" | "new";
}

/** One device from behind: its two ends, and which wire sits at each screw. */
function DeviceBack({ title, back, onChange, moves, which }: BackProps) {
  const at = (end: End, side: "hot" | "neutral") =>
    moves
      .map((move, index) => ({ place: move[which], name: label(move, index) }))
      .filter((one): one is { place: BackPlace; name: string } => one.place?.end === end)
      .map((one) => `${one.name} ${side}`);
  const beside = moves
    .map((move, index) => ({ land: move[which]?.land, name: label(move, index) }))
    .filter((one): one is { land: Land; name: string } => one.land === "splice" || one.land === "cap");
  const ends: End[] = ["top", "bottom"];
  return (
    <div>
      <h3 className="text-base">{title}</h3>
      <div className="my-2 flex flex-wrap gap-2">
        <Segments
          label={`${title}: LINE is at the`}
          value={back.line}
          options={[
            ["top", "LINE at top"],
            ["bottom", "at bottom"],
          ]}
          onChange={(line) => onChange({ ...back, line })}
        />
        <Segments
          label={`${title}: screws or leads`}
          value={back.has}
          options={[
            ["terminals", "screws"],
            ["leads", "leads"],
          ]}
          onChange={(has) => onChange({ ...back, has })}
        />
      </div>
      <div className="mx-auto max-w-72 border-2 border-ink bg-sheet">
        {ends.map((end) => (
          <div key={end} className={cn("px-2 py-3", end === "top" && "border-b-2 border-dashed border-edge")}>
            <p className="text-center text-lg font-extrabold narrow">{end === back.line ? "LINE" : "LOAD"}</p>
            <div className="mt-1 flex justify-between gap-2">
              <Terminals metal="brass" wires={at(end, "hot")} />
              <Terminals metal="silver" wires={at(end, "neutral")} />
            </div>
          </div>
        ))}
      </div>
      {beside.length > 0 && (
        <p className="mt-1 text-center text-sm text-ink-2">
          {beside.map((one) => `${one.name} ${one.land === "cap" ? "capped" : "in the splice"}`).join(", ")}
        </p>
      )}
    </div>
  );
}

function Terminals({ metal, wires }: { metal: "brass" | "silver"; wires: string[] }) {
  return (
    <div className={cn("min-w-24", metal === "silver" && "text-right")}>
      <p className="text-xs text-ink-2 narrow">{metal}</p>
      <p className="code min-h-6 border-b-2 border-ink text-sm">{wires.join(", ") || "\u00a0"}</p>
    </div>
  );
}
