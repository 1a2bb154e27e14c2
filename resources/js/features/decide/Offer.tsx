import { router } from "@inertiajs/react";
import { useState } from "react";
import type { OfferShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { toTheCent } from "./chosen";

/** For the customer: every line in plain words with its price, what is wanted of it ticked; accepted by typing a name. */
export function Offer({ offer, token }: { offer: OfferShown; token: string }) {
  const { offered, accepted, needs } = offer;
  const [name, setName] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const ticked = new Set(offer.ticked);
  const send = (keys: string[], by: string | null) =>
    router.post(
      `/for-you/${token}/offer`,
      { ticked: keys, name: by },
      { preserveScroll: true, onError: (errors) => setWrong(Object.values(errors)[0] ?? "That was not kept.") },
    );
  const turn = (key: string) =>
    send(ticked.has(key) ? offer.ticked.filter((one) => one !== key) : [...offer.ticked, key], null);
  return (
    <div>
      <h1 className="text-3xl">Scope and price</h1>
      <p className="mt-1">
        {offered.house}. {offered.crew}
        {offered.licence && `, licence ${offered.licence}`}.
      </p>
      <p className="text-base text-ink-2">
        Made on {offered.madeOn}, valid until {offered.validUntil}. Judged by {offered.edition}.
      </p>
      {needs.map(({ need, name: title }) => {
        const lines = offered.lines.filter((line) => line.need === need);
        return (
          lines.length > 0 && (
            <section key={need} aria-label={title} className="mt-5">
              <h2 className="border-b-2 border-ink pb-1 text-xl">{title}</h2>
              <ul>
                {lines.map((line) => (
                  <li key={line.key} className="border-b border-hair py-2">
                    <label className="flex min-h-12 cursor-pointer items-start gap-3">
                      <input
                        type="checkbox"
                        checked={ticked.has(line.key)}
                        disabled={accepted !== null}
                        onChange={() => turn(line.key)}
                        className="mt-1 size-6 shrink-0 accent-ink"
                      />
                      <span className="flex-1">
                        {line.plain}
                        <span className="block text-base text-ink-2">
                          {line.title}
                          {line.clauses.length > 0 && ` ${offered.edition} ${line.clauses.join(", ")}.`}
                        </span>
                      </span>
                      <span className="font-bold">{toTheCent(line.cost)}</span>
                    </label>
                  </li>
                ))}
              </ul>
            </section>
          )
        );
      })}
      <p
        aria-live="polite"
        className="mt-5 flex items-baseline justify-between border-t-2 border-ink pt-2 text-2xl font-bold"
      >
        <span>With all that is ticked</span>
        <span>{toTheCent(offer.total)}</span>
      </p>
      <p className="text-base text-ink-2">
        Some lines share a box that is opened once: the total is what they come to together. Parts and labour, without
        tax.
      </p>
      {accepted ? (
        <p role="status" className="mt-4 border-l-4 border-kept bg-kept-ground px-3 py-2 font-semibold">
          Accepted by {accepted.name}, {accepted.at.slice(0, 10)}.
        </p>
      ) : (
        <form
          className="mt-5 flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            send(offer.ticked, name.trim());
          }}
        >
          <label className="font-semibold" htmlFor="accepted-by">
            Your name, to accept what is ticked
          </label>
          <input
            id="accepted-by"
            value={name}
            autoComplete="name"
            onChange={(event) => setName(event.target.value)}
            className="min-h-12 w-full border-[1.5px] border-edge bg-raised px-3"
          />
          {wrong && (
            <p role="alert" className="font-semibold text-bare">
              {wrong}
            </p>
          )}
          <Button
            type="submit"
            tone="main"
            className="min-h-14 w-full text-xl"
            disabled={name.trim() === "" || offer.ticked.length === 0}
          >
            Accept
          </Button>
        </form>
      )}
      <p className="mt-3">
        <a href={`/for-you/${token}/paper`} className="inline-flex min-h-12 items-center font-semibold underline">
          The same on paper
        </a>
      </p>
    </div>
  );
}
