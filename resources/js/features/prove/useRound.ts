import { useCallback, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { RoundGroup, RoundPage, RoundStepShown } from "@/types/pages";
import type { RoundAnswer } from "@/types/sent";

export interface RoundInHand extends Asked {
  page: RoundPage | null;
  /** The question that is on: the one picked, else the first that is open. */
  group: RoundGroup | null;
  pick: (key: string | null) => void;
  answer: (answers: RoundAnswer[]) => Promise<boolean>;
}

/** The test round of the house on screen, asked for once it is wanted and whenever the house has changed. */
export function useRound(house: HouseInHand, wanted: boolean): RoundInHand {
  const { version, send } = house;
  const [known, setKnown] = useState<{ version: string; page: RoundPage } | null>(null);
  const [picked, pick] = useState<string | null>(null);
  const asked = useAsked<RoundPage>(house.ask, "round", wanted && known?.version !== version ? version : null, (page) =>
    setKnown({ version, page }),
  );
  const page = known?.page ?? null;
  const groups = page?.groups ?? [];
  return {
    page,
    ...asked,
    group: groups.find((group) => group.key === picked) ?? groups.find(isOpen) ?? null,
    pick,
    answer: useCallback(
      async (answers) => {
        const taken = (await send({ path: "round", answers })) !== null;
        if (taken) pick(null);
        return taken;
      },
      [send],
    ),
  };
}

export function isOpen(group: RoundGroup): boolean {
  return group.steps.some((step) => step.state === "open");
}

/** All of it at once: one that is open is open, one that failed has failed. */
export function stateOf(group: RoundGroup): RoundStepShown["state"] {
  const states = group.steps.map((step) => step.state);
  return states.includes("failed") ? "failed" : states.includes("open") ? "open" : "proved";
}

/** A step that was seen as it should be. */
export function asExpected(step: RoundStepShown, more: Partial<RoundAnswer> = {}): RoundAnswer {
  return { step: step.step, at: step.at, as_expected: true, ...(step.half ? { half: step.half } : {}), ...more };
}
