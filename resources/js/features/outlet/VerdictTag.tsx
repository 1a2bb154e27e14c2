import { MarkGlyph } from "@/features/rooms/OutletMark";
import { cn } from "@/lib/cn";
import type { Verdict } from "@/types/pages";

const TONE: Record<Verdict, string> = {
  missing: "text-bare",
  advised: "text-advised",
  met: "text-kept",
  not_asked: "text-ink-2",
  not_asked_but_present: "text-kept",
};

/** The verdict in its shape and in words. */
export function VerdictTag({ verdict, words, own }: { verdict: Verdict; words: string; own: boolean }) {
  return (
    <p className={cn("flex items-center gap-2 text-xl font-bold [font-stretch:84%]", TONE[verdict])}>
      <MarkGlyph verdict={verdict} device={own} className="-ml-1.5 shrink-0" />
      {words}
    </p>
  );
}

/** A verdict in passing, in a line of text. */
export function VerdictWord({ verdict, name }: { verdict: Verdict; name: string }) {
  return <b className={cn("font-bold whitespace-nowrap", TONE[verdict])}>{name}</b>;
}
