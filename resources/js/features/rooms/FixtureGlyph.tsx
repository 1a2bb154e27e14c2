import type { FixtureKind } from "@/types/pages";

const SHAPES: Record<FixtureKind, string> = {
  sink: "M3 6h20v8a10 10 0 0 1-20 0z",
  bathtub: "M1 13h24v4a8 8 0 0 1-8 8H9a8 8 0 0 1-8-8zM5 13V5h4",
  shower: "M3 25V3h20v22zM9 8h8M9.5 13v3M13 13v3M16.5 13v3",
  hydromassage: "M1 12h24v5a8 8 0 0 1-8 8H9a8 8 0 0 1-8-8zM7 18h.1M13 18h.1M19 18h.1M7 8q2-3 4 0t4 0 4 0",
  pool: "M1 8v16h24V8M1 14q3-3 6 0t6 0 6 0 6 0",
  spa: "M2 12h22v12H2zM7 18h.1M13 18h.1M19 18h.1M8 8q-2-2 0-4M13 8q-2-2 0-4M18 8q-2-2 0-4",
};

/** The water a distance runs from. */
export function FixtureGlyph({ kind, size = 26 }: { kind: FixtureKind; size?: number }) {
  return (
    <svg viewBox="0 0 26 28" width={size} height={(size * 28) / 26} aria-hidden focusable="false">
      <path
        d={SHAPES[kind]}
        fill="var(--raised)"
        stroke="var(--ink)"
        strokeWidth={1.9}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
