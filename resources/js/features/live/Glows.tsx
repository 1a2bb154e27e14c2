import type { HouseInHand } from "@/features/house/useHouse";
import { Button } from "@/ui/Button";

/** A glow is a veto. No glow proves nothing, so there is nothing to tap for it. */
export function Glows({ house, point }: { house: HouseInHand; point: string }) {
  return (
    <Button
      size="small"
      className="mt-1.5"
      onClick={() => void house.send({ path: "readings", point, half: null, instrument: null, glows: true })}
    >
      The non-contact tester glows here
    </Button>
  );
}
