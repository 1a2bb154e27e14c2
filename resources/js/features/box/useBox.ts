import { useEffect, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { get } from "@/lib/api";
import type { BoxSheet } from "@/types/box";

/** The box of an outlet, fetched anew whenever the house has changed. */
export function useBox(house: HouseInHand, point: string): BoxSheet | null {
  const [box, setBox] = useState<BoxSheet | null>(null);
  const { id, revision } = house.sheet.house;
  useEffect(() => {
    let gone = false;
    if (revision < 0) return;
    void get<BoxSheet>(`/houses/${id}/outlets/${encodeURIComponent(point)}/box`).then((reply) => {
      if (!gone && reply.kind === "done") setBox(reply.body);
    });
    return () => {
      gone = true;
    };
  }, [id, point, revision]);
  return box?.point === point ? box : null;
}
