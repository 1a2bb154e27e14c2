import { useCallback, useRef, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { CallPage, StepCard, TrialRule } from "@/types/pages";
import type { CallReading, NewCall } from "@/types/sent";

interface Known {
  version: string;
  trips: CallPage;
}

export interface TripsInHand extends Asked {
  sheet: CallPage | null;
  /** How likely each suspect was before the last fact, by its id. */
  before: Record<string, number>;
  tell: (call: NewCall) => Promise<boolean>;
  /** What was said on the phone to one of the questions. */
  answer: (question: string, said: string) => void;
  /** Files what a test showed, with all that was done for it. */
  showed: (card: StepCard, reading: CallReading) => Promise<boolean>;
  /** It tripped before the last step. */
  trippedEarly: (card: StepCard, early: StepCard["early"][number]) => void;
  withdraw: (id: string) => void;
  cannot: (what: string, cannot: boolean) => void;
  /** With `why`, what is found out next: why that device tripped. */
  close: (closing: { note: string; left: string; due: string; why?: string }) => Promise<boolean>;
  /** Puts the open call aside with its tests. */
  drop: () => void;
  /** Opens an earlier call again; one that is open is put aside. */
  reopen: (call: string) => void;
  askHouseholder: () => void;
  /** Leaves a trial with the householder, with its rule. */
  leave: (card: StepCard, rule: TrialRule[]) => void;
  take: (page: string) => void;
  /** Ends a page that was left with somebody. */
  end: (page: string) => void;
}

/** The call of the house on screen, fetched once it is wanted and whenever the house has changed. */
export function useTrips(house: HouseInHand, wanted: boolean): TripsInHand {
  const [known, setKnown] = useState<Known | null>(null);
  const [before, setBefore] = useState<Record<string, number>>({});
  const last = useRef<CallPage | null>(null);
  const { send, version } = house;
  const know = useCallback((next: Known, isAnswer: boolean) => {
    if (isAnswer)
      setBefore(Object.fromEntries((last.current?.state?.suspects ?? []).map((one) => [one.id, one.probability])));
    last.current = next.trips;
    setKnown(next);
  }, []);
  const asked = useAsked<{ trips: CallPage }>(
    house.ask,
    "call/sheet",
    wanted && known?.version !== version ? version : null,
    ({ trips }) => know({ version, trips }, false),
  );
  const taken = useCallback(
    async (answer: ReturnType<HouseInHand["send"]>) => {
      const said = await answer;
      if (said?.trips) know({ version: said.version ?? "", trips: said.trips }, true);
      return said !== null;
    },
    [know],
  );
  return {
    sheet: known?.trips ?? null,
    ...asked,
    before,
    tell: useCallback((call) => taken(send({ path: "call", ...call })), [send, taken]),
    answer: useCallback(
      (question, said) => void taken(send({ path: "call/answers", answers: { [question]: said } })),
      [send, taken],
    ),
    showed: useCallback(
      (card, reading) => taken(send({ path: "call/tests", tests: testsOf(card, reading) })),
      [send, taken],
    ),
    trippedEarly: useCallback(
      (card, early) =>
        void taken(
          send({
            path: "call/tests",
            tests: testsOf({ ...card, actions: card.actions.slice(0, early.steps) }, { tripped: [early.tripped] }),
          }),
        ),
      [send, taken],
    ),
    withdraw: useCallback(
      (id) => void taken(send({ path: `call/tests/${encodeURIComponent(id)}/withdraw` })),
      [send, taken],
    ),
    cannot: useCallback((what, cannot) => void taken(send({ path: "call/cannot", what, cannot })), [send, taken]),
    close: useCallback((closing) => taken(send({ path: "call/close", ...closing })), [send, taken]),
    drop: useCallback(() => void taken(send({ path: "call/drop" })), [send, taken]),
    reopen: useCallback(
      (call) => void taken(send({ path: `calls/${encodeURIComponent(call)}/reopen` })),
      [send, taken],
    ),
    askHouseholder: useCallback(() => void taken(send({ path: "call/questions" })), [send, taken]),
    leave: useCallback(
      (card, rule) => void taken(send({ path: "call/trial", tests: testsOf(card, { trips: 0 }), rule })),
      [send, taken],
    ),
    end: useCallback((page) => void taken(send({ path: `call/pages/${page}/withdraw` })), [send, taken]),
    take: useCallback((page) => void taken(send({ path: `call/pages/${page}/take` })), [send, taken]),
  };
}

/** What was done before the last step tripped nothing; only the last one is read. */
export function testsOf(
  card: StepCard,
  reading: CallReading,
): { action: Record<string, unknown>; reading: CallReading }[] {
  return card.actions.map(({ action, passed }, at) => ({
    action,
    reading: at < card.actions.length - 1 ? passed : reading,
  }));
}
