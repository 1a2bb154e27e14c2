import type { Entered } from "@/types/entry";
import type {
  BoxPage,
  BoxState,
  CallPage,
  HouseHead,
  JudgedPage,
  Land,
  Lock,
  RunsPage,
  TrialRule,
} from "@/types/pages";
import type { CallReading, Lamp, NewCall, Observation, RoundAnswer } from "@/types/sent";

/** What is told of a house, by the address of its command below the house; and what is answered. */

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

/** What an instrument showed at an outlet: lamps, volts between two slots, or milliamperes round a cable. */
export interface NewReading {
  point: string;
  half: "top" | "bottom" | null;
  lamps?: Record<Lamp, boolean>;
  volts?: number | null;
  between?: Lamp | "hr" | "nr";
  terminals?: "line" | "load";
  /** A light or another load ran there. */
  lit?: boolean;
  /** A non-contact tester. */
  glows?: boolean;
  ma?: number;
  cable?: string;
  instrument: string | null;
}

/** A room or outlet moved before another in the walking order (null: to the end); or one of them, or a room's water, taken out. */
export type Arrange =
  | { path: "order/areas" | "order/points"; id: string; before: string | null }
  | { path: "removals/areas" | "removals/points" | "removals/fixtures"; id: string };

/** Something left to be done, with who asks for it. */
export interface NewItem {
  text: string;
  source: string | null;
  clause: string | null;
  point: string | null;
  due: string | null;
}

/** What a meter read where a point is to be proved dead. */
export interface NewProof {
  point: string;
  live_before: number | null;
  live_after: number | null;
  low_z: boolean;
  way: string;
  /** Held against a grounded lead from outside. */
  reference: boolean;
  readings: { half: string | null; pair: string | null; terminals: string | null; between: string; volts: number }[];
}

/** What is entered by taps, and rooms put right. */
export type Tapping =
  | { path: "survey/rooms"; kind: string; water: string[] }
  | {
      path: "survey/outlets";
      area: string;
      serves: string;
      kind: string | null;
      device: string;
      amps: number;
      fixture: string | null;
      ft: number | null;
    }
  | { path: "survey/water"; area: string; kind: string }
  | { path: "survey/strike"; area: string; serves: string }
  | { path: "survey/usual"; area: string; shown: boolean }
  | { path: "survey/breakers"; slot: number; amps: number; two_poles: boolean; breaker: string; label: string | null }
  | { path: "survey/appliances"; point: string; name: string }
  | { path: "rooms/move"; point: string; area: string }
  | { path: "rooms/join"; gone: string; into: string }
  | { path: "rooms/split"; area: string; kind: string; name: string; points: string[]; fixtures: string[] };

export type Request =
  | Arrange
  | Tapping
  | ({ path: "items" } & NewItem)
  | { path: `items/${string}/close`; evidence: string }
  | { path: "items/table"; table: string; source: string | null }
  | { path: "changes"; changes: Patch[] }
  | ({ path: "readings" } & NewReading)
  | { path: "undo" | "redo" | "runs/keep" }
  | { path: "round"; answers: RoundAnswer[] }
  | { path: "devices/replaced"; point: string; device?: string }
  | { path: "drafts"; name: string; changes: Patch[] }
  | { path: `drafts/${string}/carry-out`; places?: string[] }
  | { path: `drafts/${string}/drop` }
  | ({ path: "entry" } & EntryLine)
  | ({ path: "observations" } & Observation)
  | { path: `observations/${string}/withdraw` }
  | { path: "breakers"; circuit: string; on: boolean }
  | { path: "mains"; panel: string; on: boolean }
  | { path: "locks"; circuit: string; how: Lock["how"]; key: string }
  | ({ path: "proofs" } & NewProof)
  | { path: `outlets/${string}/box`; state: BoxState }
  | { path: `outlets/${string}/checks`; check: string; ok: boolean }
  | { path: `outlets/${string}/notes`; text: string }
  | { path: `outlets/${string}/well` }
  | { path: `outlets/${string}/backs`; back: "old" | "new"; line_at: "top" | "bottom" | null; leads: boolean }
  | { path: `outlets/${string}/wires`; pair: string; back: "old" | "new"; hot?: Land; neutral?: Land }
  | { path: `outlets/${string}/pairs`; pair: string; set: Record<string, unknown> }
  | { path: `outlets/${string}/tests`; by: string; tripped: boolean; trip_ms: number | null }
  | ({ path: "call" } & NewCall)
  | { path: "call/answers"; answers: Record<string, string> }
  | { path: "call/tests"; tests: { action: Record<string, unknown>; reading: CallReading }[] }
  | { path: `call/tests/${string}/withdraw` }
  | { path: "call/cannot"; what: string; cannot: boolean }
  | { path: "call/close"; note: string; left: string; due: string; why?: string }
  | { path: "call/drop" }
  | { path: `calls/${string}/reopen` }
  | { path: "call/questions" }
  | { path: "call/trial"; tests: { action: Record<string, unknown>; reading: CallReading }[]; rule: TrialRule[] }
  | { path: `call/pages/${string}/take` }
  | { path: `call/pages/${string}/withdraw` };

/**
 * The house judged afresh; or, where verdicts do not depend on the change, only its head and what was asked about. Of this phone the rooms
 * may be those alone that were touched.
 */
export type Answer = Partial<JudgedPage> & {
  house: HouseHead;
  entered?: Entered;
  runs?: RunsPage;
  box?: BoxPage;
  trips?: CallPage;
  /** It is stored, though what it comes to could not be shown. */
  kept?: boolean;
  message?: string;
  /** Of the house that it says this of. */
  version?: string;
};
