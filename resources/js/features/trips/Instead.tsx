import { useState } from "react";
import type { StepCard } from "@/types/pages";
import { NextTest, round } from "./NextTest";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  cards: StepCard[];
  /** Null in the box itself. */
  onBox: ((point: string) => void) | null;
}

/** What else could be done: each opens where it is tapped. */
export function Instead({ trips, cards, onBox }: Props) {
  const [instead, setInstead] = useState<string | null>(null);
  if (cards.length === 0) return null;
  return (
    <section aria-label="Other tests">
      <h3 className="border-b border-ink pb-1 text-base">Or</h3>
      <ul>
        {cards.map((one) =>
          one.title === instead ? (
            <li key={one.title} className="py-1.5">
              <NextTest trips={trips} card={one} onBox={onBox} onBack={() => setInstead(null)} />
            </li>
          ) : (
            <Other key={one.title} card={one} onPick={() => setInstead(one.title)} />
          ),
        )}
      </ul>
    </section>
  );
}

function Other({ card, onPick }: { card: StepCard; onPick: () => void }) {
  return (
    <li className="border-t border-hair first:border-t-0">
      <button
        type="button"
        onClick={onPick}
        className="flex min-h-11 w-full cursor-pointer items-center gap-2 py-1 text-left hover:bg-band max-lg:min-h-12"
      >
        <span className="flex-1 font-semibold">{card.title}</span>
        <span className="w-40 shrink-0 text-right text-sm text-ink-2">
          {card.days > 0 ? `${card.days} days` : `${round(card.minutes)} min`},{" "}
          {card.live !== null && <b className="text-bare">live, </b>}
          {card.splits}
        </span>
      </button>
    </li>
  );
}
