import { cn } from "@/lib/cn";
import type { Outlet, Verdict } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { isGap } from "./gap";

/*
 * The shapes of the whole app. Protected: the plate stands in an enclosure. Protected though not asked: the enclosure is dotted.
 * A gap: the plate is bare and hatched; advised only: hatched thinly. Not asked: a plain thin plate. A device of its own shows its
 * two buttons. A light is round. What was worked on has a ring at its foot until it is proved, then a tick; a cross where it failed.
 * A clock at its head: by its age the device asks for another, this year or long since.
 */

const PROOF = { open: "var(--ink-2)", proved: "var(--kept)", failed: "var(--bare)" } as const;
/** How soon its age asks for another device, where that is soon. */
const AGE_WORDS: Record<NonNullable<Outlet["age"]>["asks"], string> = {
  now: ", to be replaced by its age",
  this_year: ", to be replaced this year",
  later: "",
  unknown: "",
};
const PROOF_WORDS = { open: ", not proved yet", proved: ", proved", failed: ", failed its test" } as const;

const W = 40;
const H = 48;

interface GlyphProps {
  verdict: Verdict;
  /** What is written on the plate, the last part of the location code. */
  text?: string;
  device?: boolean;
  kind?: Outlet["kind"];
  flagged?: boolean;
  proof?: Outlet["proof"];
  /** Whether its age asks for another device. */
  aged?: boolean;
  className?: string;
}

export function MarkGlyph({ className, ...shown }: GlyphProps) {
  const { verdict } = shown;
  return (
    <svg viewBox={`0 0 ${W} ${H}`} width={W} height={H} className={className} aria-hidden focusable="false">
      {(verdict === "met" || verdict === "not_asked_but_present") && (
        <rect
          x={2}
          y={2}
          width={36}
          height={44}
          rx={17}
          fill="var(--kept-ground)"
          stroke="var(--kept)"
          strokeWidth={2.4}
          strokeDasharray={verdict === "met" ? undefined : "2.5 3.5"}
        />
      )}
      <Plate {...shown} />
    </svg>
  );
}

/** The plate alone, its middle at 20, 24: for drawings that enclose whole stretches. */
export function Plate({
  verdict,
  text = "",
  device = false,
  kind = "receptacle",
  flagged = false,
  proof = null,
  aged = false,
}: GlyphProps) {
  const gap = isGap(verdict);
  const ink = {
    missing: "var(--bare)",
    advised: "var(--advised)",
    met: "var(--ink)",
    not_asked: "var(--edge)",
    not_asked_but_present: "var(--ink)",
  }[verdict];
  const fill =
    verdict === "missing" ? "url(#hatch-bare)" : verdict === "advised" ? "url(#hatch-advised)" : "var(--raised)";
  return (
    <>
      {kind === "light" ? (
        <circle cx={20} cy={24} r={13} fill={fill} stroke={ink} strokeWidth={verdict === "not_asked" ? 1.4 : 2} />
      ) : (
        <rect
          x={9}
          y={9}
          width={22}
          height={30}
          rx={kind === "receptacle" ? 3 : 0}
          fill={fill}
          stroke={ink}
          strokeWidth={verdict === "not_asked" ? 1.4 : 2}
        />
      )}
      {device && gap && <rect x={11} y={25} width={18} height={11.5} fill="var(--raised)" />}
      {device && <path d="M14 28h12M14 33h12" stroke="var(--ink)" strokeWidth={2.6} />}
      <text
        x={20}
        y={device ? 22 : 28}
        textAnchor="middle"
        className="code label"
        fontSize={device ? 10.5 : 12}
        fontWeight={700}
        fill={verdict === "not_asked" ? "var(--ink-2)" : "var(--ink)"}
        stroke={gap ? "var(--raised)" : "none"}
        strokeWidth={gap ? 3.5 : 0}
        paintOrder="stroke"
      >
        {text}
      </text>
      {flagged && <path d="M28 3h10v10z" fill="var(--ink)" stroke="var(--sheet)" strokeWidth={1} />}
      {aged && <circle cx={9} cy={8} r={6.5} fill="var(--raised)" stroke="var(--ink)" strokeWidth={1.6} />}
      {aged && <path d="M9 4.4V8l2.6 1.8" fill="none" stroke="var(--ink)" strokeWidth={1.6} />}
      {proof !== null && <circle cx={9} cy={40} r={6.5} fill="var(--raised)" stroke={PROOF[proof]} strokeWidth={1.8} />}
      {proof === "proved" && <path d="M5.8 40.2l2.3 2.4 4-4.8" fill="none" stroke={PROOF.proved} strokeWidth={1.8} />}
      {proof === "failed" && <path d="M6 37l6 6M12 37l-6 6" fill="none" stroke={PROOF.failed} strokeWidth={2} />}
    </>
  );
}

/** The hatches the marks are filled with. Once on a page. */
export function MarkPatterns() {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden focusable="false">
      <defs>
        <pattern id="hatch-bare" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={6} height={6} fill="var(--bare-ground)" />
          <rect width={2.4} height={6} fill="var(--bare)" />
        </pattern>
        <pattern id="hatch-advised" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={8} height={8} fill="var(--advised-ground)" />
          <rect width={1.4} height={8} fill="var(--advised)" />
        </pattern>
      </defs>
    </svg>
  );
}

interface MarkProps {
  outlet: Outlet;
  protection: Protection;
  selected: boolean;
  onSelect: () => void;
  /** Where the middle of the mark stands in its row. */
  style: { left: number; top: number };
}

export function OutletMark({ outlet, protection, selected, onSelect, style }: MarkProps) {
  const judged = outlet[protection];
  const age = outlet.age === null ? "" : AGE_WORDS[outlet.age.asks];
  const flagged = outlet.findings.some((finding) => finding.severity !== "advice");
  return (
    <button
      type="button"
      id={`mark-${outlet.id}`}
      onClick={onSelect}
      aria-pressed={selected}
      aria-label={[
        `${outlet.code} ${outlet.name}: ${protection.toUpperCase()} ${judged.verdictName}`,
        flagged ? ", something found" : "",
        outlet.proof === null ? "" : PROOF_WORDS[outlet.proof],
        age,
      ].join("")}
      style={{ left: style.left - 22, top: style.top }}
      className={cn(
        "absolute flex h-13 w-11 -translate-y-1/2 cursor-pointer items-center justify-center hover:bg-ink/10",
        selected && "outline-3 outline-focus",
      )}
    >
      <MarkGlyph
        verdict={judged.verdict}
        text={outlet.code.split("-").pop() ?? ""}
        device={outlet.device !== "standard" && outlet.device !== "none"}
        kind={outlet.kind}
        flagged={flagged}
        proof={outlet.proof}
        aged={age !== ""}
      />
    </button>
  );
}
