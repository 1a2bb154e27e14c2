import { useState } from "react";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { HouseInHand } from "./useHouse";

/** What is worked out for one outlet, asked anew whenever the house has changed; null until it is there. */
export function useOutletSheet<T extends { point: string }>(
  house: HouseInHand,
  point: string,
  what: "box" | "measures",
): Asked & { sheet: T | null } {
  const [sheet, setSheet] = useState<T | null>(null);
  const asked = useAsked<T>(house.ask, `outlets/${encodeURIComponent(point)}/${what}`, house.version, setSheet);
  return { ...asked, sheet: sheet?.point === point ? sheet : null };
}
