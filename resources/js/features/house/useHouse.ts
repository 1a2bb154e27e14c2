import { useCallback, useRef, useState } from "react";
import { get, post, type Reply, type StaleReply } from "@/lib/api";
import type { HouseSheet } from "@/types/sheet";

/** One part to be set, as a merge patch; `in` names the list of the house file. */
export interface Patch {
  in: "house" | "areas" | "panels" | "circuits" | "points" | "cables" | "appliances";
  id?: string;
  set: Record<string, unknown> | null;
}

type Request = { path: "changes"; changes: Patch[] } | { path: "undo" | "redo" };

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
    (request: Request) => {
      const { path, ...body } = request;
      queue.current = queue.current.then(async () => {
        setSaving({ state: "saving" });
        const reply: Reply<HouseSheet> = await post(`${url}/${path}`, { ...body, revision: revision.current });
        if (reply.kind === "done") {
          take(reply.body);
          setSaving({ state: "saved" });
        } else if (reply.kind === "stale") {
          const fresh = await get<HouseSheet>(`${url}/sheet`);
          if (fresh.kind === "done") take(fresh.body);
          setSaving({ state: "stale", waiting: request, since: reply.body.since });
        } else if (reply.kind === "refused") {
          setSaving({ state: "refused", message: reply.message });
        } else {
          setSaving({ state: "unreached", waiting: request });
        }
      });
    },
    [url, take],
  );

  return {
    sheet,
    saving,
    change: useCallback((changes) => send({ path: "changes", changes }), [send]),
    undo: useCallback(() => send({ path: "undo" }), [send]),
    redo: useCallback(() => send({ path: "redo" }), [send]),
    again: () => {
      if (saving.state === "unreached" || saving.state === "stale") send(saving.waiting);
    },
    dismiss: () => setSaving({ state: "saved" }),
  };
}
