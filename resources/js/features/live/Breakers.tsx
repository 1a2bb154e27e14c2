import { Suspense } from "react";
import { May } from "@/features/account/May";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { lazily } from "@/lib/lazily";
import type { Breaker } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { PowerComesTo } from "./PowerComesTo";

const AddBreaker = lazily(async () => (await import("./AddBreaker")).AddBreaker);

interface Props {
  house: HouseInHand;
  onClose: () => void;
}

/** Every breaker with what it is now. Turned on, it ends the proofs that rest on it; that is said before. What was done is always taken. */
export function Breakers({ house, onClose }: Props) {
  const { live, mains } = house.sheet;
  const onMain = (panel: string, on: boolean) => void house.send({ path: "mains", panel, on });
  return (
    <Sheet title="Breakers" onClose={onClose}>
      <p className="border-b border-hair px-4 py-2.5 text-ink-2">
        Note here what is turned at the panel. Off is not dead: points are proved dead, never circuits, each where hands
        go in.
      </p>
      <May what="work">
        <ul>
          {mains.map((main) => (
            <li key={main.id} className="flex items-center gap-3 border-b border-hair bg-rail px-4 py-2">
              <span className="flex-1">
                <b>{main.name}, main</b>{" "}
                <span className="text-sm text-ink-2">{main.off ? "off: everything behind it is off" : "on"}</span>
              </span>
              <Button
                size="small"
                onClick={() => onMain(main.id, main.off)}
                aria-label={`${main.name}, main: I turned it ${main.off ? "on" : "off"}`}
              >
                {main.off ? "I turned it on" : "I turned it off"}
              </Button>
            </li>
          ))}
          {live.map((breaker) => (
            <li
              key={breaker.id}
              className="grid grid-cols-[3.5rem_1fr_auto] items-center gap-x-3 border-b border-hair px-4 py-2"
            >
              <span className="text-2xl font-extrabold narrow">{breaker.slot}</span>
              <span className="min-w-0 font-semibold">
                {breaker.label} <span className="font-normal text-ink-2">{breaker.amps} A</span>
              </span>
              <Button
                className="w-36"
                size={breaker.waits ? "small" : "normal"}
                onClick={() => house.turn(breaker.id, breaker.off)}
                aria-label={`${breaker.slot} ${breaker.label}: I turned it ${breaker.off ? "on" : "off"}`}
              >
                {breaker.waits ? "It is on all the same" : breaker.off ? "I turned it on" : "I turned it off"}
              </Button>
              {/* On a line of its own: where an answer made a row taller, the next breaker would slip under the thumb. */}
              <span className="col-span-3 min-h-5">
                <span className="block text-sm text-ink-2">{said(breaker)}</span>
                <PowerComesTo breaker={breaker} />
              </span>
            </li>
          ))}
        </ul>
      </May>
      {live.length === 0 && (
        <p className="px-4 py-4">No breakers are listed. Add them here, or on the line, as in #7 20 Kitchen.</p>
      )}
      <May what="change">
        <Suspense>
          <AddBreaker house={house} />
        </Suspense>
      </May>
    </Sheet>
  );
}

function said(breaker: Breaker): string {
  if (!breaker.off) return "on: live";
  const since =
    breaker.switchedAt === null ? "off" : `off since ${clock(breaker.switchedAt)}, ${breaker.switchedBy ?? ""}`;
  const lock = breaker.lock === null ? "" : `, ${breaker.lock.how}, key with ${breaker.lock.key ?? "somebody"}`;
  const proofs = breaker.proofs.map((proof) =>
    [
      `proved dead at ${proof.codes.join(", ")} alone, by ${proof.who ?? "somebody"}`,
      `${proof.helper ? ", a helper," : ""} ${clock(proof.at)}, below ${proof.limit} V`,
    ].join(""),
  );
  return proofs.length === 0
    ? `${since}${lock}; nowhere proved dead`
    : `${since}${lock}; ${proofs.join("; ")}. Turning it on ends ${proofs.length === 1 ? "this proof" : "these proofs"}.`;
}
