import { clock } from "@/lib/clock";
import type { Breaker } from "@/types/live";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

interface Props {
  live: Breaker[];
  onTurn: (circuit: string, on: boolean) => void;
  onClose: () => void;
}

/** Every breaker with what it is now. Turned on, it ends the proofs that rest on it; that is said before. */
export function Breakers({ live, onTurn, onClose }: Props) {
  return (
    <Sheet title="Breakers" onClose={onClose}>
      <p className="border-b border-hair px-4 py-2.5 text-ink-2">
        Note here what is turned at the panel. Off is not dead: prove it at the point where hands go in.
      </p>
      <ul>
        {live.map((breaker) => (
          <li
            key={breaker.id}
            className="grid grid-cols-[3.5rem_1fr_auto] items-center gap-x-3 border-b border-hair px-4 py-2"
          >
            <span className="text-2xl font-extrabold narrow">{breaker.slot}</span>
            <span className="min-w-0">
              <span className="font-semibold">
                {breaker.label} <span className="font-normal text-ink-2">{breaker.amps} A</span>
              </span>
              <span className="block text-sm text-ink-2">{said(breaker)}</span>
            </span>
            <Button
              className="w-36"
              onClick={() => onTurn(breaker.id, breaker.off)}
              aria-label={`${breaker.slot} ${breaker.label}: I turned it ${breaker.off ? "on" : "off"}`}
            >
              {breaker.off ? "I turned it on" : "I turned it off"}
            </Button>
          </li>
        ))}
      </ul>
      {live.length === 0 && (
        <p className="px-4 py-4">No breakers are listed: name them in quick entry, as in #7 20 Kitchen.</p>
      )}
    </Sheet>
  );
}

function said(breaker: Breaker): string {
  if (!breaker.off) return "on: live";
  const since =
    breaker.switchedAt === null ? "off" : `off since ${clock(breaker.switchedAt)}, ${breaker.switchedBy ?? ""}`;
  const proofs = breaker.proofs.map(
    (proof) =>
      `proved dead at ${proof.codes.join(", ")} by ${proof.who ?? "somebody"} ${clock(proof.at)}, below ${proof.limit} V`,
  );
  return proofs.length === 0
    ? `${since}; not proved dead`
    : `${since}; ${proofs.join("; ")}. Turning it on ends ${proofs.length === 1 ? "this proof" : "these proofs"}.`;
}
