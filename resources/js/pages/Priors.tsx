import { router } from "@inertiajs/react";
import { useState } from "react";
import { May } from "@/features/account/May";
import { Paper } from "@/features/shell/Paper";
import { numberOf } from "@/lib/number";
import { Button } from "@/ui/Button";

interface Line {
  name: string;
  label: string;
  ours: number;
  own: number | null;
  /** Of a hundred calls; else it multiplies. */
  isCause: boolean;
  /** With the crew's own calls counted in. */
  counted: number;
  /** Settled calls of the crew that came to it, or tell how much it counts. */
  calls: number;
}

/** How often each cause is met, of a hundred calls: ours, the crew's own, and with its closed calls counted in. The rest multiplies. */
export default function Priors({ lines }: { lines: Line[] }) {
  const factors = lines.filter((line) => !line.isCause);
  const causes = lines.filter((line) => line.isCause);
  return (
    <Paper title="How often what is met" back={{ href: "/houses", name: "Houses" }}>
      <p className="max-w-prose py-4 text-ink-2">
        Of a hundred calls, how many come to each cause: where we begin. It weighs as much as a hundred calls; each call
        you settle and close is one more. What held at its place, and at how many of the places where it could have
        been, tells how much damp, age or other hands count. They decide who is suspected first; what is read decides
        who it was.
      </p>
      <May what="settle">
        <Table title="Of 100 calls" lines={causes} />
        <Table title="What makes them likelier: times" lines={factors} />
      </May>
    </Paper>
  );
}

function Table({ title, lines }: { title: string; lines: Line[] }) {
  return (
    <section aria-label={title} className="mb-6">
      <h2 className="border-t-2 border-ink pt-2 text-xl">{title}</h2>
      <ul className="grid gap-x-8 lg:grid-cols-2">
        {lines.map((line) => (
          <Entry key={`${line.name} ${line.own}`} line={line} />
        ))}
      </ul>
    </section>
  );
}

function Entry({ line }: { line: Line }) {
  const [text, setText] = useState(String(line.own ?? line.ours));
  const [wrong, setWrong] = useState<string | null>(null);
  const send = (value: number | null) =>
    router.put(
      "/priors",
      { name: line.name, value },
      { preserveScroll: true, onError: (errors) => setWrong(Object.values(errors)[0] ?? null) },
    );
  const value = numberOf(text);
  const changed = value !== (line.own ?? line.ours);
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-hair py-1.5">
      <span className="flex-1 font-semibold">
        {line.label}
        {line.own !== null && <span className="ml-2 text-sm font-normal text-kept">your own, ours {line.ours}</span>}
        {line.counted !== (line.own ?? line.ours) && (
          <span className="ml-2 text-sm font-normal text-ink-2">
            {line.calls === 0
              ? "with all that counts"
              : line.calls === 1
                ? "with one call of yours"
                : `with ${line.calls} calls of yours`}
            : {line.isCause ? `${line.counted} of 100` : `${line.counted} times`}
          </span>
        )}
        {wrong && (
          <span role="alert" className="block text-sm text-bare">
            {wrong}
          </span>
        )}
      </span>
      <input
        aria-label={line.label}
        inputMode="decimal"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="min-h-11 w-24 border-[1.5px] border-edge bg-raised px-2 text-right font-bold max-lg:min-h-12"
      />
      <Button size="small" disabled={!changed || value === null} onClick={() => send(value)}>
        Keep
      </Button>
      {line.own !== null && (
        <Button size="small" tone="bare" className="underline" onClick={() => send(null)}>
          Back to ours
        </Button>
      )}
    </li>
  );
}
