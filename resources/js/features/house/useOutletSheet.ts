import { useEffect, useState } from "react";
import { get } from "@/lib/api";
import type { HouseInHand } from "./useHouse";

/** What the server works out for one outlet, asked anew whenever the house has changed; null until it is there. */
export function useOutletSheet<T extends { point: string }>(
  house: HouseInHand,
  point: string,
  what: "box" | "measures",
): T | null {
  const [sheet, setSheet] = useState<T | null>(null);
  const { id, revision } = house.sheet.house;
  useEffect(() => {
    let gone = false;
    if (revision < 0) return;
    void get<T>(`/houses/${id}/outlets/${encodeURIComponent(point)}/${what}`).then((reply) => {
      if (!gone && reply.kind === "done") setSheet(reply.body);
    });
    return () => {
      gone = true;
    };
  }, [id, point, what, revision]);
  return sheet?.point === point ? sheet : null;
}
