import type { Breaker } from "@/types/pages";

/** Boxes that are open on a breaker that is off: what to do there before it goes on. */
export function PowerComesTo({ breaker }: { breaker: Pick<Breaker, "boxes" | "waits"> }) {
  if (breaker.boxes.length === 0) return null;
  return (
    <span className="mt-0.5 block text-sm font-semibold text-bare">
      {breaker.waits ? "Not yet. " : "Live work. "}
      {breaker.boxes.join(". ")}.
    </span>
  );
}
