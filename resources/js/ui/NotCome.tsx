import type { Asked } from "@/lib/useAsked";
import { Button } from "./Button";

/** What was asked for and is not there yet; where it did not come, it is asked for again by itself, and at once by a tap. */
export function NotCome({ what, asked }: { what: string; asked: Asked }) {
  if (!asked.failed) return <p className="py-6 text-ink-2">Reading {what} …</p>;
  return (
    <div
      aria-live="polite"
      className="my-4 flex flex-wrap items-center gap-3 border-l-[6px] border-bare bg-bare-ground px-3 py-2"
    >
      <p className="flex-1 font-semibold">
        Could not read {what}: the server does not answer. It is asked again by itself.
      </p>
      <Button onClick={asked.again}>Ask again</Button>
    </div>
  );
}
