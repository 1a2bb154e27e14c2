import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { useAsked } from "@/lib/useAsked";
import type { CandidateLine } from "@/types/pages";
import { Button } from "@/ui/Button";
import type { HuntInHand } from "./usePulse";

/** Which breaker it may be, and two phones to find it. */
export function Which({ house, hunt, point }: { house: HouseInHand; hunt: HuntInHand; point: string }) {
  const [candidates, setCandidates] = useState<CandidateLine[]>([]);
  // Asked anew when the house has changed: what was seen rules breakers out.
  useAsked<CandidateLine[]>(house.ask, `outlets/${encodeURIComponent(point)}/breakers`, house.version, setCandidates);
  return (
    <>
      <Button tone="main" className="w-full" onClick={() => hunt.begin(point)}>
        A light is lit in it: find its breaker
      </Button>
      <ul className="mt-2">
        {candidates.slice(0, 4).map((one) => (
          <li key={one.id} className="flex gap-2 border-t border-hair py-1">
            <b className="w-10 narrow">{one.slot}</b>
            <span>
              {one.label} <span className="text-sm text-ink-2">{one.reasons.join(", ")}</span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
