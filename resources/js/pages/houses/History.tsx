import { Link } from "@inertiajs/react";
import { Paper } from "@/features/shell/Paper";

interface Props {
  house: { id: string; name: string; revision: number; takenIn: string | null };
  revisions: {
    number: number;
    kind: "edit" | "undo" | "redo" | "restore";
    summary: string;
    who: string | null;
    at: string;
  }[];
  older: string | null;
  newer: string | null;
}

const KINDS = { edit: "", undo: "Undone: ", redo: "Redone: ", restore: "" };

export default function History({ house, revisions, older, newer }: Props) {
  return (
    <Paper title="Every change" back={{ href: `/houses/${house.id}`, name: house.name }}>
      <ol>
        {revisions.map((revision) => (
          <Line
            key={revision.number}
            href={`/houses/${house.id}/history/${revision.number}`}
            number={revision.number}
            said={KINDS[revision.kind] + revision.summary}
            by={`${revision.who ?? "somebody"}, ${when(revision.at)}`}
          />
        ))}
        {older === null && (
          <Line
            href={`/houses/${house.id}/history/0`}
            number={0}
            said="Taken in"
            by={house.takenIn ? when(house.takenIn) : ""}
          />
        )}
      </ol>
      <p className="flex gap-6 border-t border-hair py-3 font-semibold">
        {newer && <Link href={newer}>Newer</Link>}
        {older && <Link href={older}>Older</Link>}
      </p>
    </Paper>
  );
}

function Line({ href, number, said, by }: { href: string; number: number; said: string; by: string }) {
  return (
    <li className="border-t border-hair first:border-t-0">
      <Link
        href={href}
        className="grid min-h-12 items-center gap-x-4 px-1 py-1.5 hover:bg-band lg:grid-cols-[3rem_1fr_18rem]"
      >
        <span className="code text-ink-2">{number}</span>
        <span className="font-semibold">{said}</span>
        <span className="text-sm text-ink-2">{by}</span>
      </Link>
    </li>
  );
}

function when(at: string): string {
  return new Date(at).toLocaleString("en", {
    day: "numeric",
    month: "short",
    year: "numeric",
    hour: "2-digit",
    minute: "2-digit",
    hour12: false,
  });
}
