import type { Verdict } from "@/types/pages";

/** Whether an outlet wants protection it does not have: by law, or by what would be asked today. */
export function isGap(verdict: Verdict): boolean {
  return verdict === "missing" || verdict === "advised";
}
