import { cn } from "@/lib/cn";
import type { DeedOffered } from "@/types/pages";
import type { Deed } from "./kept";

interface Props {
  title?: string;
  offers: DeedOffered[];
  busy: boolean;
  onDo: (deed: Deed) => void;
}

/** What can be done at one place, each with what it costs. */
export function Offers({ title, offers, busy, onDo }: Props) {
  if (offers.length === 0) return null;
  return (
    <div className="mt-2">
      {title && <h3 className="text-sm text-ink-2">{title}</h3>}
      <ul>
        {offers.map((offer) => (
          <li key={JSON.stringify(offer.deed)} className="border-b border-hair">
            <button
              type="button"
              disabled={busy}
              onClick={() => onDo(offer.deed)}
              className={cn(
                "flex min-h-11 w-full items-baseline gap-3 py-2 text-left max-lg:min-h-12",
                "enabled:cursor-pointer enabled:hover:bg-band",
              )}
            >
              <span className="font-semibold">{offer.title}</span>
              <span className="ml-auto shrink-0 tabular-nums text-ink-2">
                {offer.days > 0 ? `${offer.minutes} min, ${offer.days} days` : `${offer.minutes} min`}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
