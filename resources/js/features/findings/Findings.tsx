import { cn } from "@/lib/cn";
import type { Finding } from "@/types/sheet";

const LOOK: Record<Finding["severity"], { word: string; className: string }> = {
  error: { word: "Wrong", className: "border-bare bg-bare-ground" },
  warning: { word: "Look at this", className: "border-ink bg-band" },
  advice: { word: "Advice", className: "border-edge" },
};

/** What was found, worst first: how bad, the fact and its reason, the clause. */
export function Findings({ findings }: { findings: Finding[] }) {
  return bySeverity(findings).map((finding) => <FindingNote key={finding.id + finding.why} finding={finding} />);
}

export function FindingNote({ finding, quiet = false }: { finding: Finding; quiet?: boolean }) {
  const { word, className } = LOOK[finding.severity];
  return (
    <div className={cn("border-l-[6px] px-3 py-1.5 text-sm", className, quiet && "bg-transparent")}>
      <b className="block">
        {word}
        {finding.clause && <span className="font-semibold text-ink-2"> {finding.clause}</span>}
      </b>
      {finding.why}
    </div>
  );
}

const ORDER: Finding["severity"][] = ["error", "warning", "advice"];

export function bySeverity<T extends { severity: Finding["severity"] }>(findings: T[]): T[] {
  return [...findings].sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity));
}
