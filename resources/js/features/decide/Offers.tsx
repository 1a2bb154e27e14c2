import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { post } from "@/lib/api";
import { useAsked } from "@/lib/useAsked";
import { useMay } from "@/lib/useMay";
import type { OfferLine } from "@/types/pages";
import { Button } from "@/ui/Button";
import { planOf, toTheCent } from "./chosen";
import type { DecideInHand } from "./useDecide";

/** What of the scope was offered to the customer: its page to send, the same on paper, and what came of it. */
export function Offers({ house, decide }: { house: HouseInHand; decide: DecideInHand }) {
  const url = `/houses/${house.sheet.house.id}/offers`;
  const [offers, setOffers] = useState<OfferLine[] | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const may = useMay();
  useAsked<{ offers: OfferLine[] }>(house.ask, "offers", house.version, ({ offers: all }) => setOffers(all));
  const told = async (path: string, body: Record<string, unknown>) => {
    const reply = await post<{ offers: OfferLine[] }>(path, body);
    if (reply.kind === "done") {
      setOffers(reply.body.offers);
      setWrong(null);
    } else setWrong("message" in reply ? reply.message : "That needs the server, and it cannot be reached.");
  };
  return (
    <section aria-label="For the customer" className="flex flex-col gap-2">
      <h3 className="border-b-2 border-ink pb-1 text-base">For the customer</h3>
      {may.change && (
        <Button
          tone="main"
          disabled={decide.ticked.size === 0}
          onClick={() => void told(url, { ...planOf(decide.chosen), keys: [...decide.ticked] })}
        >
          Print or send what is ticked
        </Button>
      )}
      {wrong && (
        <p role="alert" className="text-sm font-semibold text-bare">
          {wrong}
        </p>
      )}
      <ul>
        {(offers ?? []).map((offer) => (
          <li key={offer.id} className="border-b border-hair py-1.5 text-sm">
            <p className="flex justify-between gap-3">
              <span>
                {offer.lines} {offer.lines === 1 ? "line" : "lines"}, made on {offer.madeOn}
              </span>
              <span className="font-bold">{toTheCent(offer.total)}</span>
            </p>
            {offer.accepted ? (
              <p className="border-l-4 border-kept pl-2 font-semibold">
                Accepted by {offer.accepted.name}, {offer.accepted.at.slice(0, 10)}: {offer.accepted.lines} of{" "}
                {offer.lines}
              </p>
            ) : (
              <p className="text-ink-2">
                {offer.withdrawn
                  ? "Withdrawn"
                  : `${offer.seenAt ? "Seen" : "Not seen yet"}, open until ${offer.validUntil}`}
              </p>
            )}
            {!offer.withdrawn && (
              <p className="flex flex-wrap gap-x-4">
                <a href={offer.paper} className="inline-flex min-h-9 items-center underline max-lg:min-h-12">
                  On paper
                </a>
                <a href={offer.url} className="inline-flex min-h-9 items-center underline max-lg:min-h-12">
                  The customer's page
                </a>
                {may.change && !offer.accepted && (
                  <Button
                    size="small"
                    tone="bare"
                    className="underline"
                    onClick={() => void told(`${url}/${offer.id}/withdraw`, {})}
                  >
                    Withdraw
                  </Button>
                )}
              </p>
            )}
          </li>
        ))}
      </ul>
      {(decide.page?.accepted ?? []).map((one) => (
        <details key={`${one.name} ${one.at}`} className="border-b border-hair text-sm">
          <summary className="min-h-9 cursor-pointer content-center font-semibold max-lg:min-h-12">
            Filed: {one.name}, {one.at.slice(0, 10)}, {toTheCent(one.total)}
          </summary>
          <ul className="pb-1">
            {one.lines.map((line) => (
              <li key={line} className="border-l-2 border-hair py-0.5 pl-2">
                {line}
              </li>
            ))}
          </ul>
          {one.validUntil && <p className="pb-1 text-ink-2">Offered until {one.validUntil}</p>}
        </details>
      ))}
    </section>
  );
}
