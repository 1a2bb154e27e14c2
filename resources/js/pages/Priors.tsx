import { May } from "@/features/account/May";
import { OwnNumber } from "@/features/account/OwnNumber";
import { Paper } from "@/features/shell/Paper";

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
  const used = line.own ?? line.ours;
  return (
    <OwnNumber
      label={line.label}
      value={used}
      own={line.own === null ? null : `your own, ours ${line.ours}`}
      path="/priors"
      body={{ name: line.name }}
    >
      {line.counted !== used && (
        <span className="ml-2 text-sm font-normal text-ink-2">
          {line.calls === 0
            ? "with all that counts"
            : line.calls === 1
              ? "with one call of yours"
              : `with ${line.calls} calls of yours`}
          : {line.isCause ? `${line.counted} of 100` : `${line.counted} times`}
        </span>
      )}
    </OwnNumber>
  );
}
