/** Of every breaker whether it is off, and where that is proved: {@link LiveSheet} of app/Sheets. */
export interface Breaker {
  id: string;
  slot: string;
  label: string;
  amps: number;
  panel: string;
  off: boolean;
  switchedAt: string | null;
  switchedBy: string | null;
  lock: Lock | null;
  /** Open boxes that power would come to, in words. */
  boxes: string[];
  /** One of them has bare ends apart: turning it on is not offered. */
  waits: boolean;
  /** Proofs of dead that hold now and rest on it. */
  proofs: { at: string | null; who: string | null; limit: number; helper: boolean; codes: string[] }[];
}

export interface Lock {
  how: "locked" | "tagged";
  key: string | null;
}

/** The main of a panel. */
export interface Main {
  id: string;
  name: string;
  off: boolean;
}

/** Something live that should not be: power on a box that is open. */
export interface Alarm {
  loud: boolean;
  text: string;
  point: string;
}

/** A breaker by its slot and label. */
export interface Slot {
  id: string;
  slot: string;
  label: string;
}

/** A search for the breaker of an outlet, as both phones see it. */
export interface Hunt {
  step: number;
  /** Who began it, and so stands at the outlet. */
  by: string | null;
  byName: string | null;
  point: string;
  code: string;
  phase: "flip" | "look" | "found" | "none";
  /** Breakers it may still be. */
  left: number;
  off: Slot[];
  on: Slot[];
  found: Slot[];
  /** Open boxes that power would come to, in words, and whether bare ends there forbid it. */
  boxes: string[];
  waits: boolean;
}

export interface Pulse {
  revision: number;
  hunt: Hunt | null;
}

export interface Candidate extends Slot {
  reasons: string[];
}

export type HalfName = "top" | "bottom";

/** One place where a meter is held to prove a point dead. */
export interface ToRead {
  half: HalfName | null;
  pair: string | null;
  terminals: "line" | "load" | null;
  between: "hn" | "hg" | "ng" | "hr" | "nr";
  spoken: string;
}

/** What makes readings of nearly nothing a proof. */
export interface ProofWay {
  way: "seen_live" | "line_terminals" | "reference";
  label: string;
  /** It takes a grounded lead from outside. */
  reference: boolean;
  /** Why readings would prove nothing now; null where they would. */
  nothing: string | null;
  toRead: ToRead[];
}

export interface HandsOn {
  allowed: boolean;
  why: string;
}
