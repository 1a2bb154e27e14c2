import { useEffect, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { get } from "@/lib/api";
import type { MeasureSheet } from "@/types/measure";

/** What instruments should show at an outlet, worked out anew whenever the house has changed. */
export function useMeasure(house: HouseInHand, point: string): MeasureSheet | null {
  const [measure, setMeasure] = useState<MeasureSheet | null>(null);
  const { id, revision } = house.sheet.house;
  useEffect(() => {
    let gone = false;
    if (revision < 0) return;
    void get<MeasureSheet>(`/houses/${id}/outlets/${encodeURIComponent(point)}/measures`).then((reply) => {
      if (!gone && reply.kind === "done") setMeasure(reply.body);
    });
    return () => {
      gone = true;
    };
  }, [id, point, revision]);
  return measure?.point === point ? measure : null;
}
