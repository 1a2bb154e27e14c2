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
  /** Proofs of dead that hold now and rest on it. */
  proofs: { at: string | null; who: string | null; limit: number; codes: string[] }[];
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
}

export interface Pulse {
  revision: number;
  hunt: Hunt | null;
}

export interface Candidate extends Slot {
  reasons: string[];
}

/** One place where a meter is held to prove a point dead. */
export interface ToRead {
  half: "top" | "bottom" | null;
  pair: string | null;
  between: "hn" | "hg" | "ng";
  spoken: string;
}

export interface HandsOn {
  allowed: boolean;
  why: string;
}
