import type { HandsOn } from "./live";

/** The runs of a house and its trace: {@link RunsSheet} of app/Sheets, field by field. */
export interface RunsSheet {
  circuits: Run[];
  /** Outlets no breaker is known or believed of. */
  unplaced: string[];
  outlets: Record<string, TracedOutlet>;
  facts: Fact[];
  conflicts: Conflict[];
  next: NextStep | null;
  resolved: boolean;
  /** Pairs of outlets of which it is not known whether one feeds the other. */
  unknown: number;
  /** Certain runs the house has no cable for yet. */
  keep: { to: string; spoken: string }[];
}

export interface Run {
  id: string;
  slot: string;
  label: string;
  amps: number;
  panel: string;
  breaker: string;
  gfci: boolean;
  /** What leaks through a GFCI breaker with nothing wrong. */
  leakage: LeakageLevel | null;
  hasTest: boolean;
  sharesNeutralWith: string | null;
  runs: RunNode[];
  /** On it, but in no known order. */
  loose: string[];
}

/** `near`: over its budget; `over`: it may trip with nothing wrong. */
export interface LeakageLevel {
  ma: number;
  level: "fine" | "near" | "over";
}

export interface RunNode {
  id: string;
  certain: boolean;
  /** How the run leaves a protective device; null where that is not known or means nothing. */
  leaves: "line" | "load" | "mixed" | null;
  cable: { id: string; ft: number | null; awg: number } | null;
  wiring: "right" | "reversed" | "split";
  children: RunNode[];
}

export interface TracedOutlet {
  id: string;
  circuit: string | null;
  isLight: boolean;
  certain: boolean;
  hasTest: boolean;
  /** It gives GFCI protection and is wired so that it can. */
  protects: boolean;
  leakage: LeakageLevel | null;
  protectedBy: string[];
  /** A protective device inside another one's stretch. */
  nested: boolean;
  handsOn: HandsOn;
  pairs: { count: number; names: string[]; feed: string | null; onward: string[]; lifted: string[] } | null;
}

export interface Fact {
  /** Its id in the house file, by which it is withdrawn. */
  id: string;
  kind: string | null;
  spoken: string;
  at: string | null;
  who: string | null;
}

export interface Conflict {
  why: string;
  facts: Fact[];
  cables: { id: string; spoken: string }[];
}

export interface NextStep {
  kind: "off" | "trip" | "button" | "open" | "lift";
  circuit: string | null;
  point: string | null;
  pair: string | null;
  minutes: number;
  why: string;
  title: string;
  /** How it is done, in order. */
  steps: string[];
  handsOn: boolean;
}

/** Something seen, as it is sent. */
export type Observation =
  | { kind: "off"; circuit: string; dead: string[]; live: string[] }
  | { kind: "trip"; at: string; dead: string[]; live: string[]; already_dead: string[]; back: string[] }
  | { kind: "button"; point: string; tripped: string[] }
  | { kind: "open"; point: string; pairs: number }
  | { kind: "lift"; point: string; pair: string; dead: string[]; live: string[] }
  | { kind: "pair"; point: string; pair: string; live: boolean; by: string };
