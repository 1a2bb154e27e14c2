import { cn } from "@/lib/cn";
import type { Lamp } from "@/types/sent";

export const DARK: Record<Lamp, boolean> = { hn: false, hg: false, ng: false };
export const LAMPS: Lamp[] = ["hn", "hg", "ng"];
const NAMES: Record<Lamp, string> = { hn: "hot to neutral", hg: "hot to ground", ng: "neutral to ground" };

interface Props {
  /** As they stand on the tester in hand, left to right. */
  order?: Lamp[] | undefined;
  lamps: Record<Lamp, boolean>;
  onChange: (lamps: Record<Lamp, boolean>) => void;
}

/** The lamps of a tester, to be tapped as they are lit. */
export function LampTaps({ order = LAMPS, lamps, onChange }: Props) {
  return order.map((lamp) => (
    <button
      key={lamp}
      type="button"
      aria-pressed={lamps[lamp]}
      aria-label={`Lamp ${NAMES[lamp]}`}
      onClick={() => onChange({ ...lamps, [lamp]: !lamps[lamp] })}
      className={cn(
        "flex min-h-14 flex-1 cursor-pointer flex-col items-center justify-center border-[1.5px] border-edge bg-rail",
        "hover:border-ink",
      )}
    >
      <LampGlyph lit={lamps[lamp]} />
      <span className="narrow text-xs text-ink-2">{lamps[lamp] ? "lit" : "dark"}</span>
    </button>
  ));
}

/** A lamp: full when lit, an empty ring when dark. */
export function LampGlyph({ lit }: { lit: boolean }) {
  return (
    <svg viewBox="0 0 16 16" width={16} height={16} role="img" aria-label={lit ? "lit" : "dark"}>
      <circle cx={8} cy={8} r={6} fill={lit ? "var(--ink)" : "none"} stroke="var(--ink)" strokeWidth={1.6} />
    </svg>
  );
}
