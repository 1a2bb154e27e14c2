import { useCallback, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { RunsPage } from "@/types/pages";
import type { Observation } from "@/types/sent";

interface Known {
  version: string;
  runs: RunsPage;
}

export interface RunsInHand extends Asked {
  sheet: RunsPage | null;
  /** Notes something seen; answers whether it was taken. */
  observe: (seen: Observation) => Promise<boolean>;
  withdraw: (id: string) => void;
  /** Writes what is certain into the house as cables. */
  keep: () => void;
  /** Takes out a cable that facts contradict. */
  dropCable: (id: string) => void;
}

/** The runs of the house on screen, fetched once they are wanted and whenever the house has changed. */
export function useRuns(house: HouseInHand, wanted: boolean): RunsInHand {
  const [known, setKnown] = useState<Known | null>(null);
  const { send, version } = house;
  const asked = useAsked<{ runs: RunsPage }>(
    house.ask,
    "runs",
    wanted && known?.version !== version ? version : null,
    ({ runs }) => setKnown({ version, runs }),
  );
  const taken = useCallback(async (answer: ReturnType<HouseInHand["send"]>) => {
    const said = await answer;
    if (said?.runs) setKnown({ version: said.version ?? "", runs: said.runs });
    return said !== null;
  }, []);
  return {
    sheet: known?.runs ?? null,
    ...asked,
    observe: useCallback((seen) => taken(send({ path: "observations", ...seen })), [send, taken]),
    withdraw: useCallback(
      (id) => void taken(send({ path: `observations/${encodeURIComponent(id)}/withdraw` })),
      [send, taken],
    ),
    keep: useCallback(() => void send({ path: "runs/keep" }), [send]),
    dropCable: useCallback((id) => void send({ path: "changes", changes: [{ in: "cables", id, set: null }] }), [send]),
  };
}
