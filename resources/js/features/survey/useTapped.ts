import { useState } from "react";
import { useMe } from "@/lib/useMay";
import type { GhostShown, Room } from "@/types/pages";

/** What an outlet that is being entered by taps is said to be so far. */
export interface Draft {
  room: string;
  serves: GhostShown["serves"];
  name: string;
  /** One of what the room usually has; false for one more. */
  usual: boolean;
  /** What such an outlet usually is, taken while no tap says what it is. */
  usualKind: GhostShown["kind"];
  kind: GhostShown["kind"] | null;
  device: string;
  /** In amperes, the likeliest first. */
  ratings: number[];
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
  // The crew's own choice, where either is allowed.
  const amps = useMe()?.deviceAmps ?? FIRST.amps;
  const [before, setBefore] = useState({ ...FIRST, amps });
  return {
    draft,
    begin: (room: Room, ghost: GhostShown, usual = true) => setDraft(drafted(room, ghost, usual, before)),
    change: (some: Partial<Draft>) => setDraft((now) => now && { ...now, ...some }),
    close: () => setDraft(null),
    /** After one is done: the next that the room usually has, with what the one before was. */
    next: (room: Room | undefined) => {
      const was = draft ? { device: draft.device, amps: draft.amps } : before;
      const ghost = room?.ghosts[0];
      setBefore(was);
      setDraft(room && ghost && draft?.usual ? drafted(room, ghost, true, was) : null);
    },
  };
}

/** What was true of the one before is taken of this one, where such a thing is made so. */
function drafted(room: Room, ghost: GhostShown, usual: boolean, before: typeof FIRST): Draft {
  return {
    room: room.id,
    serves: ghost.serves,
    name: ghost.name,
    usual,
    usualKind: ghost.kind,
    kind: null,
    device: before.device,
    ratings: ghost.amps,
    amps: ghost.amps.includes(before.amps) ? before.amps : (ghost.amps[0] ?? before.amps),
    fixture: ghost.fixture,
    ft: ghost.ft,
  };
}
