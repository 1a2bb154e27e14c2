import type { RoundStepShown } from "@/types/pages";

const NAMES = { open: "not seen yet", proved: "proved", failed: "not as it should be" } as const;

/** How far something is proved: a ring while it is open, a tick in a square, a cross. */
export function ProofMark({ state, size = 20 }: { state: RoundStepShown["state"]; size?: number }) {
  return (
    <svg viewBox="0 0 20 20" width={size} height={size} role="img" aria-label={NAMES[state]} className="shrink-0">
      {state === "open" && <circle cx={10} cy={10} r={6} fill="none" stroke="var(--ink-2)" strokeWidth={2} />}
      {state === "proved" && (
        <>
          <rect x={2.5} y={2.5} width={15} height={15} fill="none" stroke="var(--kept)" strokeWidth={2} />
          <path d="M6 10.5l3 3 5.5-7" fill="none" stroke="var(--kept)" strokeWidth={2.4} />
        </>
      )}
      {state === "failed" && <path d="M4 4l12 12M16 4L4 16" fill="none" stroke="var(--bare)" strokeWidth={3} />}
    </svg>
  );
}
