import type { Half, HuntPage, RoundStep, SymptomKind, SymptomWhen } from "./pages";

/** What pages send, and what they put together of what they are sent. */

export type Protection = "gfci" | "afci";

/** The lamps of a receptacle tester. */
export type Lamp = "hn" | "hg" | "ng";

export interface Instrument {
  id: string;
  name: string;
  /** Its lamps from left to right. */
  lamps: Lamp[];
  shows_volts: boolean;
  has_button: boolean;
}

export interface Option {
  value: string;
  label: string;
}

/** Asked about once a second. */
export interface Pulse {
  revision: number;
  hunt: HuntPage | null;
}

/** Something seen on the way along the runs. */
export type Observation =
  | { kind: "off"; circuit: string; dead: string[]; live: string[] }
  | { kind: "trip"; at: string; dead: string[]; live: string[]; already_dead: string[]; back: string[] }
  | { kind: "button"; point: string; tripped: string[] }
  | { kind: "open"; point: string; pairs: number }
  | { kind: "lift"; point: string; pair: string; dead: string[]; live: string[] }
  | { kind: "pair"; point: string; pair: string; live: boolean; by: string };

/** What was seen of a step of the test round. */
export interface RoundAnswer {
  step: RoundStep;
  at: string;
  as_expected: boolean;
  half?: Half;
  lamps?: Record<Lamp, boolean>;
  volts?: number;
  ms?: number;
  /** The meter it was read with. */
  instrument?: string;
  /** Outlets that TEST should have made dead. */
  stayed_live?: string[];
  tripped?: boolean;
  text?: string;
  /** What holds until it is mended, and until when that is. */
  interim?: string;
  due?: string;
}

export interface NewCall {
  kind: SymptomKind;
  at: string;
  when: SymptomWhen;
  running: string[];
  words: string;
}

/** What a test of the call showed, by key. */
export type CallReading = Record<string, unknown>;
export interface Arrival {
  id: string;
  instrument: string;
  at: string;
  volts?: number;
  between?: Lamp;
  ma?: number;
  trip_ms?: number;
}
