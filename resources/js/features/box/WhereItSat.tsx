import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BoxPage, Land, Move } from "@/types/pages";
import { Tap } from "@/ui/Taps";
import { DeviceBack, sitting, type Wire } from "./DeviceBack";

interface Hand {
  pair: string;
  wire: Wire;
}

/** As the old device comes out: a tap on a wire, and one on the screw it sat at. It stays with the box. */
export function WhereItSat({ house, box }: { house: HouseInHand; box: BoxPage }) {
  const { old, moves } = box.backs;
  const named = moves.filter((move): move is Move & { name: string } => move.name !== null);
  const wires = named.flatMap((move) => [
    { pair: move.name, wire: "hot" as const, place: move.oldHot },
    { pair: move.name, wire: "neutral" as const, place: move.oldNeutral },
  ]);
  const [picked, pick] = useState<Hand | null>(null);
  // The next one nobody has said is in the hand by itself.
  const hand = picked ?? wires.find((one) => one.place === null) ?? null;
  const at: `outlets/${string}` = `outlets/${encodeURIComponent(box.point)}`;
  const place = (land: Land) => {
    if (hand === null) return;
    void house.send({ path: `${at}/wires`, pair: hand.pair, back: "old", [hand.wire]: land });
    pick(null);
  };
  return (
    <section aria-label="Where each wire sat" className="border-t-2 border-ink pt-3">
      <h3 className="text-base">Where did each wire sit?</h3>
      <p className="mb-2 text-sm text-ink-2">Tap a wire, then its screw, before it is pulled off.</p>
      {old !== null && old.lineAt !== null && (
        <fieldset className="mb-2 flex flex-wrap gap-1.5">
          <legend className="sr-only">Wire in hand</legend>
          {wires.map(({ pair, wire, place: sat }) => {
            const isHand = hand?.pair === pair && hand.wire === wire;
            return (
              <Tap
                key={`${pair}${wire}`}
                pressed={isHand}
                onTap={() => pick({ pair, wire })}
                className={cn(
                  "min-h-12 min-w-16 px-2 text-center text-sm font-bold narrow",
                  sat !== null && !isHand && "border-kept bg-kept-ground",
                )}
              >
                {pair} {wire === "hot" ? "hot" : "neu"}
                <span className="block text-xs font-normal">{sat === null ? "?" : sat.land.toUpperCase()}</span>
              </Tap>
            );
          })}
        </fieldset>
      )}
      <DeviceBack
        title="Old device"
        back={old}
        sits={sitting(named, "old")}
        onRead={(back) =>
          void house.send({ path: `${at}/backs`, back: "old", line_at: back.lineAt, leads: back.leads })
        }
        hand={hand?.wire ?? null}
        onPlace={place}
      />
      {named.map(
        (move) =>
          move.objection && (
            <p key={move.name} className="mt-1.5 border-l-4 border-bare bg-bare-ground px-3 py-1.5 font-semibold">
              Pair {move.name}: {move.objection}
            </p>
          ),
      )}
    </section>
  );
}
