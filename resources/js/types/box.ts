import type { HalfName, HandsOn, Lock, ProofWay } from "./live";

export type Land = "line" | "load" | "splice" | "cap";

/** One opened box: {@link BoxSheet} of app/Sheets, field by field. */
export interface BoxSheet {
  point: string;
  feedsThrough: boolean;
  handsOn: HandsOn;
  /** Whether work on live parts may be offered to who looks. */
  liveWork: boolean;
  breakers: { id: string; spoken: string; off: boolean; lock: Lock | null }[];
  /** Halves with a reading of their own; a null for the whole. */
  halves: (HalfName | null)[];
  grounded: boolean;
  /** What shows that it was live before its breaker went off, in words. */
  seenLive: string | null;
  ways: ProofWay[];
  limitVolts: number;
  /** After which a proof is made again. */
  holdsHours: number;
  /** How far the box is taken apart; null while it was never opened, or is made up. */
  state: BoxState | null;
  states: { value: BoxState; label: string }[];
  /** Pairs counted when it was opened. */
  opened: number | null;
  pairs: Pair[];
  means: { value: string; label: string; proof: boolean; live: boolean }[];
  /** What the old landing said and the meter did not. */
  asFound: string | null;
  volume: { has: number | null; needs: number | null };
  box: {
    freeIn: number | null;
    pastFaceIn: number | null;
    groundsSpliced: boolean | null;
    bonded: boolean | null;
    fixed: boolean | null;
  };
  checks: { id: string; label: string; ok: boolean | null; who: string | null; at: string | null }[];
  photos: (Recorded & { file: string })[];
  notes: Recorded[];
}

export type BoxState = "opened" | "apart" | "capped" | "made_up";

/** What is asked of a pair, by the means it is told by: what is seen, and what each answer means. */
export interface PairQuestion {
  ask: string;
  answers: { say: string; feed: boolean; means: string }[];
}

/** Something filed about the box, by its id in the house file. */
export interface Recorded {
  id: string;
  text: string | null;
  at: string | null;
  who: string | null;
}

export interface Pair {
  /** Its letter since the box was opened. */
  name: string | null;
  isFeed: boolean | null;
  /** By the means. */
  asks: Record<string, PairQuestion>;
  reads: { live: boolean; by: string; spoken: string; proof: boolean }[];
  /** What to write on its jacket. */
  tag: string | null;
  landing: { hot: Land; neutral: Land } | null;
  cable: PairCable | null;
}

export interface PairCable {
  id: string;
  end: "from" | "to";
  ft: number | null;
  awg: number;
  method: string | null;
  hot: string | null;
  neutral: string | null;
  mark: string | null;
  /** What happens downstream with it landed on each side. */
  if: Relanding[];
}

export interface Relanding {
  land: Land;
  label: string;
  isNow: boolean;
  gains: string[];
  loses: string[];
  dark: string[];
  leakageMa: number | null;
}

/** One wire of the old device with its place on the new one. */
export interface Move {
  name: string | null;
  tag: string | null;
  old: BackPlace | null;
  new: BackPlace | null;
  changesEnd: boolean;
  objection: string | null;
}

export interface BackPlace {
  land: Land;
  end: "top" | "bottom" | null;
  hot: string;
  neutral: string;
}
