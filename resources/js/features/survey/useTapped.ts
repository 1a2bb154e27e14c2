import { useState } from "react";
import type { GhostShown, Room } from "@/types/pages";

/** What an outlet that is being entered by taps is said to be so far. */
export interface Draft {
  room: string;
  serves: GhostShown["serves"];
  name: string;
  /** One of what the room usually has; false for one more. */
  usual: boolean;
  kind: GhostShown["kind"] | null;
  device: string;
  amps: number;
  fixture: string | null;
  ft: number | null;
}

/** As things are until a tap says otherwise, then as they were at the outlet before. */
const FIRST = { device: "standard", amps: 15 };

export type Tapped = ReturnType<typeof useTapped>;

/** The outlet that is being entered by taps: one at a time, and the next one of the room when it is done. */
export function useTapped() {
  const [draft, setDraft] = useState<Draft | null>(null);
  const [before, setBefore] = useState(FIRST);
  const begin = (room: Room, ghost: GhostShown, usual = true) =>
    setDraft({
      room: room.id,
      serves: ghost.serves,
      name: ghost.name,
      usual,
      kind: ghost.kind === "receptacle" ? null : ghost.kind,
      ...before,
      fixture: ghost.fixture,
      ft: ghost.ft,
    });
  return {
    draft,
    begin,
    change: (some: Partial<Draft>) => setDraft((now) => now && { ...now, ...some }),
    close: () => setDraft(null),
    /** After one is done: the next that the room usually has, with what the one before was. */
    next: (room: Room | undefined) => {
      const ghost = room?.ghosts[0];
      if (draft) setBefore({ device: draft.device, amps: draft.amps });
      if (!room || !ghost || !draft?.usual) setDraft(null);
      else {
        setDraft({
          room: room.id,
          serves: ghost.serves,
          name: ghost.name,
          usual: true,
          kind: ghost.kind === "receptacle" ? null : ghost.kind,
          device: draft.device,
          amps: draft.amps,
          fixture: ghost.fixture,
          ft: ghost.ft,
        });
      }
    },
  };
}
