import type { Lamp } from "./sheet";

/** What instruments should show at one outlet, and did: {@link MeasureSheet} of app/Sheets, field by field. */
export interface MeasureSheet {
  point: string;
  isFed: boolean;
  /** What its breaker carries beside its rating, in words. */
  circuit: string | null;
  supplyVolts: number;
  /** Null where nothing is known to feed it: then nothing can be expected. */
  lamps: Record<Lamp, boolean> | null;
  volts: Record<Lamp, number> | null;
  cables: { id: string; spoken: string; ma: number; hotMa: number }[];
  /** Along the run from the breaker: feet from the panel, and volts with what runs. */
  profile: { code: string; ft: number; volts: number }[];
  /** The last first; `means` is null where it agrees with what was expected. */
  read: { read: string; expected: string | null; means: string | null; at: string | null; who: string | null }[];
  budgets: Budget[];
  /** Of a protective device: its trip times beside the limit. */
  trips: Trips | null;
}

/** What leaks through one device when nothing is wrong. */
export interface Budget {
  id: string;
  spoken: string;
  ma: number;
  /** The same, as the electrical model has it at this supply. */
  modelMa: number;
  resistiveMa: number;
  capacitiveMa: number;
  budgetMa: number;
  holdsMa: number;
  tripsMa: number;
  parts: BudgetPart[];
}

export interface BudgetPart {
  id: string;
  name: string;
  at: string | null;
  isCable: boolean;
  measured: boolean;
  resistiveMa: number;
  capacitiveMa: number;
  ma: number;
}

export interface Trips {
  tests: { ms: number; ma: number; says: string; at: string | null; who: string | null }[];
  limit: { ma: number; ms: number }[];
}

/** A reading a meter has sent, waiting to be filed. */
export interface Arrival {
  id: string;
  instrument: string;
  at: string;
  volts?: number;
  between?: Lamp;
  ma?: number;
  trip_ms?: number;
}
