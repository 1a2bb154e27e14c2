import type { DangerShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

interface Props {
  danger: DangerShown;
  onOn: () => void;
}

/** The case stops: what was about to be done, what would have come of it, and what to do instead. It goes on from before it. */
export function DangerSheet({ danger, onOn }: Props) {
  return (
    <Sheet title="Stop" onClose={onOn} foot>
      <div role="alert" className="px-4 pt-3 pb-5">
        <p className="border-l-[6px] border-bare bg-bare-ground px-3 py-2 text-xl font-bold text-bare">
          {danger.title}
        </p>
        <h3 className="mt-3 text-base">What would have happened</h3>
        <p className="text-lg">{danger.wouldHave}</p>
        <h3 className="mt-3 text-base">Why</h3>
        <p>{danger.why}</p>
        <h3 className="mt-3 text-base">Instead</h3>
        <p>{danger.instead}</p>
        <Button tone="main" className="mt-4 min-h-12 w-full" onClick={onOn}>
          Go on from before it
        </Button>
      </div>
    </Sheet>
  );
}
