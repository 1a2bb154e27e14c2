import { router } from "@inertiajs/react";
import { useState } from "react";
import { May } from "@/features/account/May";
import { Paper } from "@/features/shell/Paper";
import { Button } from "@/ui/Button";

interface ClassLine {
  value: string;
  label: string;
  /** Least and most in phase, least and most in quadrature. */
  range: [number, number, number, number];
  /** Whether it is the crew's own, not ours. */
  isOwn: boolean;
}

const COLUMNS = ["least in phase", "most in phase", "least in quadrature", "most in quadrature"];

/** What appliances leak when they are in order, by kind: taken in every house of the crew where nothing was clamped. */
export default function Appliances({ classes }: { classes: ClassLine[] }) {
  return (
    <Paper title="What appliances leak" back={{ href: "/houses", name: "Houses" }}>
      <p className="max-w-prose py-4 text-ink-2">
        Milliamperes from hot to ground at 120 V, plugged in, nothing wrong. The middle of a range is taken for an
        appliance of that kind until it is clamped. In phase is wet or worn insulation, in quadrature are filters.
      </p>
      <May what="settle">
        <div className="overflow-x-auto">
          <table className="w-full min-w-160 border-t-2 border-ink">
            <thead>
              <tr className="text-left text-sm text-ink-2 narrow">
                <th className="py-1.5 font-semibold">Kind</th>
                {COLUMNS.map((column) => (
                  <th key={column} className="font-semibold">
                    {column}
                  </th>
                ))}
                <th>
                  <span className="sr-only">Keep or put back</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {classes.map((one) => (
                <Line key={`${one.value} ${one.range.join(" ")}`} line={one} />
              ))}
            </tbody>
          </table>
        </div>
      </May>
    </Paper>
  );
}

function Line({ line }: { line: ClassLine }) {
  const [range, setRange] = useState(line.range.map(String));
  const [wrong, setWrong] = useState<string | null>(null);
  const send = (next: number[] | null) =>
    router.put(
      "/appliances",
      { class: line.value, range: next },
      { preserveScroll: true, onError: (errors) => setWrong(Object.values(errors)[0] ?? null) },
    );
  const changed = range.some((text, at) => Number(text.replace(",", ".")) !== line.range[at]);
  return (
    <tr className="border-t border-hair">
      <th scope="row" className="py-1.5 pr-3 text-left text-base font-semibold">
        {line.label}
        {line.isOwn && <span className="ml-2 text-sm font-normal text-kept">your own</span>}
        {wrong && (
          <span role="alert" className="block text-sm text-bare">
            {wrong}
          </span>
        )}
      </th>
      {range.map((text, at) => (
        <td key={COLUMNS[at]} className="pr-2">
          <input
            aria-label={`${line.label}, ${COLUMNS[at]}`}
            inputMode="decimal"
            value={text}
            onChange={(event) => setRange(range.map((old, i) => (i === at ? event.target.value : old)))}
            className="min-h-11 w-24 border-[1.5px] border-edge bg-raised px-2 text-right font-bold max-lg:min-h-12"
          />
        </td>
      ))}
      <td className="whitespace-nowrap">
        <Button
          size="small"
          disabled={!changed}
          onClick={() => send(range.map((one) => Number(one.replace(",", "."))))}
        >
          Keep
        </Button>
        {line.isOwn && (
          <Button size="small" tone="bare" className="underline" onClick={() => send(null)}>
            Back to ours
          </Button>
        )}
      </td>
    </tr>
  );
}
