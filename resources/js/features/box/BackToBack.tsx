import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BackRead, BoxPage } from "@/types/pages";
import { Sheet } from "@/ui/Sheet";
import { DeviceBack, sitting } from "./DeviceBack";

interface Props {
  house: HouseInHand;
  box: BoxPage;
  code: string;
  onClose: () => void;
}

/** Going from the old back to a new one whose ends may be swapped: each wire with the place it gets. */
export function BackToBack({ house, box, code, onClose }: Props) {
  const { old, new: next, moves } = box.backs;
  const path: `outlets/${string}/backs` = `outlets/${encodeURIComponent(box.point)}/backs`;
  const read = (back: "old" | "new") => (seen: BackRead) =>
    void house.send({ path, back, line_at: seen.lineAt, leads: seen.leads });
  return (
    <Sheet title={`${code}: old back to new back`} onClose={onClose} className="max-w-5xl">
      <p className="border-b border-hair px-4 py-2 text-ink-2">
        Read LINE and LOAD on the back of each device: makers put them at either end, and the tape may be gone.
      </p>
      <div className="grid gap-5 px-4 py-4 lg:grid-cols-[1fr_1fr_1.3fr]">
        <DeviceBack title="Old device" back={old} onRead={read("old")} sits={sitting(moves, "old")} />
        <DeviceBack title="New device" back={next} onRead={read("new")} sits={sitting(moves, "new")} />
        <div>
          <h3 className="mb-2 text-base">Each wire</h3>
          <ul className="flex flex-col gap-2">
            {moves.map((move, index) => (
              <li
                key={move.name ?? move.tag ?? index}
                className={cn("border-[1.5px] border-ink px-2.5 py-2", move.objection && "border-2 border-bare")}
              >
                <p>
                  <b className="code">{move.name ?? index + 1}</b>{" "}
                  <span className="text-sm text-ink-2">{move.tag}</span>
                </p>
                {move.oldHot && (
                  <p className="text-sm text-ink-2">
                    Sat: hot {move.oldHot.text}
                    {move.oldNeutral && `; neutral ${move.oldNeutral.text}`}
                  </p>
                )}
                {move.objection && <p className="mt-1 font-semibold text-bare">{move.objection}</p>}
                {move.newHot === null || move.newNeutral === null ? (
                  <p className="mt-1 text-sm font-semibold text-advised">
                    Where it goes is not decided: tell the feed first, and land the others.
                  </p>
                ) : (
                  <p className="mt-1 text-sm">
                    Hot to <b>{move.newHot.text}</b>
                    <br />
                    Neutral to <b>{move.newNeutral.text}</b>
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
