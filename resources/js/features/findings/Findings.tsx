import { cn } from "@/lib/cn";
import type { FindingShown } from "@/types/pages";

const LOOK: Record<FindingShown["severity"], { word: string; className: string }> = {
  error: { word: "Wrong", className: "border-bare bg-bare-ground" },
  warning: { word: "Look at this", className: "border-ink bg-band" },
  advice: { word: "Advice", className: "border-edge" },
};

/** What was found, worst first: how bad, the fact and its reason, the clause. */
export function Findings({ findings, edition }: { findings: FindingShown[]; edition: string }) {
  return bySeverity(findings).map((finding) => (
    <FindingNote key={finding.id + finding.why} finding={finding} edition={edition} />
  ));
}

interface NoteProps {
  finding: FindingShown;
  /** The edition its clause is of: a clause is never shown without one. */
  edition: string;
}

function FindingNote({ finding, edition }: NoteProps) {
  const { word, className } = LOOK[finding.severity];
  return (
    <div className={cn("border-l-[6px] px-3 py-1.5 text-sm", className)}>
      <b className="block">
        {word}
        {finding.clause && (
          <span className="font-semibold text-ink-2">
            {" "}
            {edition} {finding.clause}
          </span>
        )}
        {finding.hazard !== "none" && (
          <span className="ml-2 border border-edge px-1 text-xs font-semibold whitespace-nowrap">
            {finding.hazardName}
          </span>
        )}
      </b>
      {finding.why}
    </div>
  );
}

const ORDER: FindingShown["severity"][] = ["error", "warning", "advice"];

function bySeverity(findings: FindingShown[]): FindingShown[] {
  return [...findings].sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity));
}
