import { useState } from "react";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { HouseInHand } from "./useHouse";

/** What the server works out for one outlet, asked anew whenever the house has changed; null until it is there. */
export function useOutletSheet<T extends { point: string }>(
  house: HouseInHand,
  point: string,
  what: "box" | "measures",
): Asked & { sheet: T | null } {
  const [sheet, setSheet] = useState<T | null>(null);
  const { id, revision } = house.sheet.house;
  const asked = useAsked<T>(
    `/houses/${id}/outlets/${encodeURIComponent(point)}/${what}`,
    revision < 0 ? null : revision,
    setSheet,
  );
  return { ...asked, sheet: sheet?.point === point ? sheet : null };
}
