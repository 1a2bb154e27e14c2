import type { StepCard } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Instead } from "./Instead";
import { NextTest, round } from "./NextTest";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  point: string;
  onBox: (point: string) => void;
  onTrips: () => void;
}

/** In an open box, with a call open: the tests that are done in it, here; and where it goes on once they are. */
export function TestInBox({ trips, point, onBox, onTrips }: Props) {
  const state = trips.sheet?.state;
  if (!state) return null;
  const next = state.closing ? null : state.next;
  const isHere = (card: StepCard) => card.box === point;
  const others = state.closing ? [] : state.alternatives.filter(isHere);
  return (
    <section aria-label="For the open call" className="flex flex-col gap-2 border-t-2 border-ink pt-3">
      <h3 className="text-base">For the open call</h3>
      {next && isHere(next) ? (
        <NextTest key={next.title} trips={trips} card={next} onBox={null} onBack={null} />
      ) : (
        <div className="flex items-center gap-2">
          <p className="flex-1">
            {state.closing
              ? `It is settled: ${state.closing.name}.`
              : next
                ? `Next: ${next.title}, ${next.days > 0 ? `${next.days} days` : `${round(next.minutes)} min`}.`
                : "Nothing that can be done now would tell more."}
          </p>
          <Button size="small" onClick={() => (next?.box ? onBox(next.box) : onTrips())}>
            Go on there
          </Button>
        </div>
      )}
      <Instead trips={trips} cards={others} onBox={null} />
    </section>
  );
}
