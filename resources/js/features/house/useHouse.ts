import { useCallback, useRef, useState } from "react";
import { get, post, type Reply, type StaleReply } from "@/lib/api";
import type { Entered } from "@/types/entry";
import type { HouseSheet, Lamp } from "@/types/sheet";

/** One part to be set, as a merge patch; `in` names the list of the house file. */
export interface Patch {
  in: "house" | "areas" | "panels" | "circuits" | "points" | "cables" | "appliances";
  id?: string;
  set: Record<string, unknown> | null;
}

/** A line of quick entry, with the room and outlet of the line before. */
export interface EntryLine {
  line: string;
  area: string | null;
  last: string | null;
}

/** What a tester showed at an outlet. */
export interface NewReading {
  point: string;
  half: "top" | "bottom" | null;
  lamps: Record<Lamp, boolean>;
  volts: number | null;
  instrument: string | null;
}

/** A room or outlet moved before another in the walking order (null: to the end), or taken out. */
export type Arrange =
  | { path: "order"; in: "areas" | "points"; id: string; before: string | null }
  | { path: "removals"; in: "areas" | "points"; id: string };

/** Something left to be done, with who asks for it. */
export interface NewItem {
  text: string;
  source: string | null;
  point: string | null;
  due: string | null;
}

type Request =
  | Arrange
  | ({ path: "items" } & NewItem)
  | { path: `items/${number}/close`; evidence: string }
  | { path: "changes"; changes: Patch[] }
  | ({ path: "readings" } & NewReading)
  | { path: "undo" | "redo" }
  | ({ path: "entry" } & EntryLine);

type Answer = HouseSheet & { entered?: Entered };

export type Saving =
  | { state: "saved" }
  | { state: "saving" }
  | { state: "refused"; message: string }
  /** Kept here until the server can be reached again. */
  | { state: "unreached"; waiting: Request }
  | { state: "stale"; waiting: Request; since: StaleReply["since"] };

export interface HouseInHand {
  sheet: HouseSheet;
  saving: Saving;
  change: (changes: Patch[]) => void;
  /** Carries out a line; answers what was entered, null when it was not taken. */
  enter: (entry: EntryLine) => Promise<Entered | null>;
  /** Files a tester reading with the records of the house. */
  record: (reading: NewReading) => void;
  arrange: (change: Arrange) => void;
  addItem: (item: NewItem) => void;
  closeItem: (index: number, evidence: string) => void;
  undo: () => void;
  redo: () => void;
  /** Sends what is waiting once more, on top of what the house is now. */
  again: () => void;
  dismiss: () => void;
}

/** The house on screen: every change is sent at once, one after the other, and answered with the house judged afresh. */
export function useHouse(initial: HouseSheet): HouseInHand {
  const [sheet, setSheet] = useState(initial);
  const [saving, setSaving] = useState<Saving>({ state: "saved" });
  const revision = useRef(initial.house.revision);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const url = `/houses/${initial.house.id}`;

  const take = useCallback((next: HouseSheet) => {
    revision.current = next.house.revision;
    setSheet(next);
  }, []);

  const send = useCallback(
    (request: Request): Promise<Entered | null> => {
      const { path, ...body } = request;
      const done = queue.current.then(async () => {
        setSaving({ state: "saving" });
        const reply: Reply<Answer> = await post(`${url}/${path}`, { ...body, revision: revision.current });
        if (reply.kind === "done") {
          take(reply.body);
          setSaving({ state: "saved" });
          return reply.body.entered ?? null;
        }
        if (reply.kind === "stale") {
          const fresh = await get<HouseSheet>(`${url}/sheet`);
          if (fresh.kind === "done") take(fresh.body);
          setSaving({ state: "stale", waiting: request, since: reply.body.since });
        } else if (reply.kind === "refused") {
          setSaving({ state: "refused", message: reply.message });
        } else {
          setSaving({ state: "unreached", waiting: request });
        }
        return null;
      });
      queue.current = done.then(() => undefined);
      return done;
    },
    [url, take],
  );

  return {
    sheet,
    saving,
    change: useCallback((changes) => void send({ path: "changes", changes }), [send]),
    enter: useCallback((entry) => send({ path: "entry", ...entry }), [send]),
    record: useCallback((reading) => void send({ path: "readings", ...reading }), [send]),
    arrange: useCallback((change) => void send(change), [send]),
    addItem: useCallback((item) => void send({ path: "items", ...item }), [send]),
    closeItem: useCallback((index, evidence) => void send({ path: `items/${index}/close`, evidence }), [send]),
    undo: useCallback(() => void send({ path: "undo" }), [send]),
    redo: useCallback(() => void send({ path: "redo" }), [send]),
    again: () => {
      if (saving.state === "unreached" || saving.state === "stale") void send(saving.waiting);
    },
    dismiss: () => setSaving({ state: "saved" }),
  };
}
