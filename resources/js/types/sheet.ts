import type { Unit } from "@/lib/length";
import type { Distance as FileDistance } from "./house-file";
import type { Alarm, Breaker, Main } from "./live";

/** What the server sends for the house page: {@link HouseSheet} of app/Sheets, field by field. */

export type Verdict = "met" | "missing" | "advised" | "not_asked" | "not_asked_but_present";
export type FixtureKind = "sink" | "bathtub" | "shower" | "hydromassage" | "pool";

export interface HouseSheet {
  house: HouseHead;
  rooms: Room[];
  /** About circuits and rooms as a whole; those about one outlet are with it. */
  findings: Finding[];
  /** What is still to be done, and what was closed with evidence. */
  items: Item[];
  live: Breaker[];
  mains: Main[];
  /** What is live and should not be. */
  alarms: Alarm[];
}

export interface Item {
  /** Its id in the house file, by which it is closed. */
  id: string;
  text: string;
  source: string | null;
  /** The outlet it is about. */
  point: string | null;
  due: string | null;
  who: string | null;
  at: string | null;
  closedAt: string | null;
  closedBy: string | null;
  evidence: string | null;
}

/** One thing that would change an outlet's verdict. */
export interface Alternative {
  text: string;
  verdict: Verdict;
  verdictName: string;
  also: string[];
}

export interface HouseHead {
  id: string;
  name: string;
  edition: string;
  editionName: string;
  coreRulesOnly: boolean;
  unit: Unit;
  amendments: number;
  /** The crew's jurisdiction the code was taken from. */
  jurisdiction: string | null;
  work: string;
  workName: string;
  revision: number;
  /** The call that is open, with how many tests were done. */
  call: { tests: number } | null;
  lastChange: { summary: string; who: string | null; at: string } | null;
  /** What undo would turn back, null when there is nothing. */
  undo: string | null;
  redo: string | null;
}

export interface Room {
  id: string;
  code: string;
  name: string;
  kind: string;
  /** Which receptacles count wherever they are; null when distance alone decides. */
  band: string | null;
  bandWhole: boolean;
  afciBand: string | null;
  clauses: string[];
  limitsFt: Partial<Record<FixtureKind, number>>;
  doorEnds: boolean;
  fixtures: Fixture[];
  outlets: Outlet[];
}

export interface Fixture {
  id: string;
  kind: FixtureKind;
  label: string;
}

export interface Outlet {
  id: string;
  code: string;
  name: string;
  kind: "receptacle" | "hardwired" | "light" | "switch" | "junction";
  kindName: string;
  device: string;
  deviceName: string;
  serves: string;
  servesName: string;
  amps: number;
  volts: number;
  circuit: string | null;
  /** Whether its run is known back to a breaker. */
  traced: boolean;
  gfci: Judged;
  afci: Judged;
  /** What is to be built into the outlet itself. */
  built: { name: string; field: "tr" | "wr"; has: boolean | null; demands: Demand[] }[];
  /** What is plugged in here. */
  appliances: PluggedIn[];
  /** Of a protective device: how old it is as far as can be known, and on what that rests. */
  age: { years: string | null; rests: string | null; installedOn: string | null; selfTest: boolean | null } | null;
  /** The outlet as quick entry writes it, its code first. */
  line: string;
  /** The last tester reading of each half. */
  readings: Reading[];
  /** The one that decides where the outlet stands on the ruler comes first. */
  distances: Distance[];
  findings: Finding[];
}

export interface PluggedIn {
  id: string;
  name: string;
  watts: number | null;
  on: boolean;
  critical: boolean;
  class: string | null;
  /** As clamped or written, else what its class typically leaks. */
  leakMa: number;
  measured: boolean;
}

export type Protection = "gfci" | "afci";

export interface Judged {
  verdict: Verdict;
  verdictName: string;
  demands: Demand[];
  exemptions: { clause: string; by: string; why: string }[];
  guards: Guard[];
  /** Why a guard that is there does not do. */
  objections: string[];
}

export interface Distance {
  /** Its place in the outlet's list in the house file. */
  index: number;
  /** As it stands in the house file, so that changing one thing loses nothing else. */
  asWritten: FileDistance;
  fixture: string;
  fixtureKind: FixtureKind;
  fixtureName: string;
  room: string;
  ft: number;
  crosses: "none" | "door" | "barrier";
  crossesName: string;
}

export type Lamp = "hn" | "hg" | "ng";

export interface Reading {
  half: "top" | "bottom" | null;
  lamps: Record<Lamp, boolean>;
  volts: number | null;
  /** What the volts say beside the supply; null when there is nothing to say. */
  voltsSay: string | null;
  at: string | null;
  who: string | null;
  means: string;
  cannotShow: string | null;
  isCorrect: boolean;
}

export interface Instrument {
  id: string;
  name: string;
  /** Its lamps from left to right. */
  lamps: Lamp[];
  shows_volts: boolean;
}

export interface Demand {
  clause: string;
  reason: string;
  fact: string;
  amended: string | null;
}

export interface Guard {
  id: string;
  spoken: string;
  self: boolean;
  breaker: boolean;
}

export interface Finding {
  id: string;
  severity: "error" | "warning" | "advice";
  clause: string | null;
  why: string;
  circuit: string | null;
  area: string | null;
  points: string[];
}

export interface Option {
  value: string;
  label: string;
}
