/** The open call as the server sends it. */

export interface TripsSheet {
  call: Call | null;
  /** What the open call is about was taken out of the house. */
  gone: boolean;
  questions: Question[];
  earlier: EarlierCall[];
  pages: HouseholderPage[];
  facts?: CallFact[];
  suspects?: Suspect[];
  /** How likely all other causes are together. */
  others?: number;
  next?: StepCard | null;
  alternatives?: StepCard[];
  plan?: { title: string; minutes: number }[];
  settled?: boolean;
  /** How likely the first suspect is, with what no reading could tell from it. */
  sure?: number;
  closing?: Closing | null;
  /** Facts that nothing on the list fits together, by their number. */
  misfits?: number[];
  /** What nobody thought of fits best. */
  lost?: boolean;
  corrections?: string[];
  parts?: { part: string; for: string }[];
  cannot?: { what: string; spoken: string }[];
  /** Outlets whose wiring is assumed. */
  assumed?: string | null;
}

export type SymptomKind = "trips" | "dead" | "will_not_reset" | "will_not_trip" | "reads_wrong" | "shock" | "overload";

export type When = "at_once" | "with_load" | "random" | "wet" | "unknown";

export interface NewCall {
  kind: SymptomKind;
  at: string;
  when: When;
  running: string[];
  words: string;
}

export interface Call {
  kind: SymptomKind;
  at: string;
  place: string;
  when: When;
  running: string[];
  runningNames: string[];
  words: string | null;
  startedAt: string | null;
  who: string | null;
  answers: Record<string, string> | null;
}

export interface Question {
  id: string;
  ask: string;
  why: string;
  /** Empty where it is answered in words. */
  answers: string[];
}

export interface EarlierCall {
  at: string | null;
  symptom: SymptomKind;
  place: string;
  cause: string | null;
  settled: boolean;
  note: string | null;
}

export interface HouseholderPage {
  id: string;
  kind: "questions" | "trial";
  url: string;
  asked: { questions?: Question[]; rule?: Rule[]; action?: { days?: number } };
  answered: Record<string, string> | null;
  answeredAt: string | null;
  /** What a trial is worth if it is taken in now. */
  worth: string | null;
  taken: boolean;
  withdrawn: boolean;
  /** Open to who has the address. */
  open: boolean;
  endsAt: string;
  seenAt: string | null;
  madeAt: string;
}

/** What a trial asks of the householder. */
export interface TrialPage {
  days: number;
  where: string;
  /** Whether they may reset it themselves. */
  reset: boolean;
  asks: string[];
  not: string[];
  stakes: string[];
}

export interface Stake {
  text: string;
  move: { label: string; actions: Record<string, unknown>[] } | null;
}

export interface Rule {
  shown: string;
  means: string;
}

export interface CallFact {
  /** Its id among the tests; null for what was read elsewhere in the app. */
  id: string | null;
  /** Whether all it names is still in the house: if not, it counts no more. */
  stands: boolean;
  done: string;
  read: string;
  at: string | null;
  who: string | null;
}

export interface Suspect {
  id: string;
  name: string;
  probability: number;
  for: string[];
  against: string[];
  /** What the next test would show if this were it. */
  predicts: string | null;
  point: string | null;
  /** Causes that no reading could tell from it. */
  same: string[];
}

export type Asks = "choice" | "lamps" | "volts" | "ma" | "ohms" | "seen" | "walk" | "trips";

export type Reading = Record<string, unknown>;

export interface StepCard {
  title: string;
  why: string;
  /** Why it cannot be done dead; null where nothing is live. */
  live: string | null;
  steps: string[];
  minutes: number;
  opens: boolean;
  days: number;
  /** Of a trial: what the householder will read, the rule, that of one day alone, and how else it can be done where something spoils. */
  trial: { page: TrialPage; rule: Rule[]; oneDay: Rule[]; stakes: Stake[] } | null;
  bits: number;
  actions: Record<string, unknown>[];
  asks: Asks;
  choices: { label: string; reading: Reading; chance: number; means: string }[];
  expected: { shown: string; chance: number; means: string }[];
  /** Steps before the last by which it may trip already. */
  early: { label: string; steps: number; tripped: string }[];
  points: { id: string; code: string }[];
  seen: { value: string; label: string }[];
  /** The outlet whose box hands go into. */
  box: string | null;
  ready: boolean;
  /** Why hands may not go there yet. */
  hands: string | null;
  cannot: string;
  cannotKind: string;
}

export interface Closing {
  name: string;
  cause: string;
  same: string[];
  for: string[];
  repair: string[];
  proof: string[];
  letter: string;
  point: string | null;
}
