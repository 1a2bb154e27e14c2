import type { LookAt, Suspect } from "@/types/pages";
import type { TripsInHand } from "./useTrips";

/** A suspect that is looked at: what every outlet would read if it were the cause. */
export interface LookingAt {
  suspects: Suspect[];
  /** The one that is picked; null: the house as it is known. */
  suspect: Suspect | null;
  at: Map<string, LookAt>;
  isAsked: boolean;
  pick: (id: string | null) => void;
}

/** Nothing until a call is open. What is picked stays picked from view to view, as long as it is suspected. */
export function lookingAt(trips: TripsInHand, picked: string | null, pick: LookingAt["pick"]): LookingAt {
  const suspects = (trips.sheet?.state?.suspects ?? []).filter((one) => one.looks !== null);
  const suspect = suspects.find((one) => one.id === picked) ?? null;
  const at = new Map((suspect?.looks?.at ?? []).map((look): [string, LookAt] => [look.point, look]));
  return { suspects, suspect, at, isAsked: picked !== null, pick };
}

/** As nobody has picked a suspect yet: one tap asks for them. */
export const ANY = "any";
