import { cn } from "@/lib/cn";
import type { Outlet, Verdict } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { MarkGlyph } from "./OutletMark";

interface Props {
  outlets: Outlet[];
  protection: Protection;
  onSelect: (id: string) => void;
  selected: string | null;
}

const KINDS: { verdict: Verdict; word: string; tone: string }[] = [
  { verdict: "missing", word: "unprotected", tone: "text-bare" },
  { verdict: "advised", word: "advised", tone: "text-advised" },
  { verdict: "met", word: "protected", tone: "text-kept" },
  { verdict: "not_asked_but_present", word: "protected unasked", tone: "text-kept" },
  { verdict: "not_asked", word: "not asked", tone: "text-ink-2" },
];

/** The key to the shapes, with how many there are; each goes to the next of its kind. */
export function VerdictKey({ outlets, protection, onSelect, selected }: Props) {
  return (
    <ul className="flex flex-wrap items-center gap-x-0.5">
      {KINDS.map(({ verdict, word, tone }) => {
        const those = outlets.filter((outlet) => outlet[protection].verdict === verdict);
        if (those.length === 0) return null;
        const next = those[(those.findIndex((outlet) => outlet.id === selected) + 1) % those.length];
        return (
          <li key={verdict}>
            <button
              type="button"
              onClick={() => next && onSelect(next.id)}
              title={`Next ${word}`}
              className={cn(
                "flex min-h-9 cursor-pointer items-center px-1.5 font-bold narrow hover:bg-band max-lg:min-h-12",
                tone,
              )}
            >
              <MarkGlyph verdict={verdict} className="h-7 w-auto" />
              {those.length} {word}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
