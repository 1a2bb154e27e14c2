// Written by bin/page-types from the classes named. Change those, not this.
import type { Distance } from "./house-file";

/** Bouclier\Core\Keep\AgeAsks */
export type AgeAsks = "now" | "this_year" | "later" | "unknown";

/** Bouclier\Core\House\AreaKind */
export type AreaKind =
  | "kitchen"
  | "food_prep"
  | "bathroom"
  | "laundry"
  | "garage"
  | "accessory_building"
  | "outdoors"
  | "crawl_space"
  | "basement"
  | "boathouse"
  | "bedroom"
  | "living"
  | "family"
  | "dining"
  | "parlor"
  | "library"
  | "den"
  | "sunroom"
  | "recreation"
  | "closet"
  | "hallway"
  | "foyer"
  | "similar"
  | "attic"
  | "utility";

/** Bouclier\Core\Actions\Asked */
export type Asked = "choice" | "lamps" | "volts" | "ma" | "ohms" | "seen" | "walk" | "trips";

/** Bouclier\Core\House\BackEnd */
export type BackEnd = "top" | "bottom";

/** Bouclier\Core\House\Between */
export type Between = "hn" | "hg" | "ng" | "hr" | "nr";

/** Bouclier\Core\House\BoxCheck */
export type BoxCheck =
  | "terminals"
  | "strip_length"
  | "wires_per_terminal"
  | "torque"
  | "pull_test"
  | "grounds_pigtailed"
  | "gauge"
  | "support"
  | "folding"
  | "flush"
  | "cover"
  | "listed";

/** Bouclier\Core\House\BoxState */
export type BoxState = "opened" | "apart" | "capped" | "made_up";

/** Bouclier\Core\House\BreakerType */
export type BreakerType = "standard" | "gfci" | "afci" | "dual" | "fuse";

/** Bouclier\Core\Practice\CaseKind */
export type CaseKind =
  | "upstream_tripped"
  | "reversed_line_load"
  | "split_pair"
  | "neutral_ground"
  | "borrowed_neutral"
  | "shared_neutral"
  | "bootleg"
  | "honest_sum"
  | "leaking_cord"
  | "leaking_appliance"
  | "leak_in_box"
  | "leak_in_cable"
  | "long_cable"
  | "weak_device"
  | "dead_device"
  | "stuck_device"
  | "open_hot"
  | "open_neutral"
  | "open_ground"
  | "high_resistance"
  | "swapped_wires"
  | "short"
  | "overload"
  | "arc"
  | "comes_and_goes";

/** Bouclier\Core\House\Cover */
export type Cover = "none" | "flip" | "in_use";

/** Bouclier\Core\House\Crosses */
export type Crosses = "none" | "door" | "barrier";

/** Bouclier\Core\House\Device */
export type Device = "standard" | "gfci" | "afci" | "dual" | "none";

/** Bouclier\Core\House\DeviceLight */
export type DeviceLight = "none" | "power" | "tripped" | "both";

/** Bouclier\Core\House\DeviceSound */
export type DeviceSound = "none" | "tripped" | "failed" | "both";

/** Bouclier\Core\House\Edition */
export type Edition = "nec-2014" | "nec-2017" | "nec-2020" | "nec-2023" | "cec-2021";

/** Bouclier\Core\House\Exposure */
export type Exposure = "dry" | "damp" | "wet";

/** Bouclier\Core\House\FixtureKind */
export type FixtureKind = "sink" | "bathtub" | "shower" | "hydromassage" | "pool" | "spa";

/** Bouclier\Core\House\GroundPath */
export type GroundPath = "wire" | "raceway" | "none" | "broken" | "unknown";

/** Bouclier\Core\House\Half */
export type Half = "top" | "bottom";

/** Bouclier\Core\CodeBook\Hazard */
export type Hazard = "shock" | "fire" | "dark" | "none";

/** Bouclier\Core\Live\HuntPhase */
export type HuntPhase = "flip" | "look" | "found" | "none";

/** sheets/HouseSheet.php */
export interface Item {
  /** Its id in the house file, by which it is closed. */
  id: string;
  text: string;
  source: string | null;
  clause: string | null;
  interim: string | null;
  /** The outlet it is about. */
  point: string | null;
  due: string | null;
  who: string | null;
  at: string | null;
  closedAt: string | null;
  closedBy: string | null;
  evidence: string | null;
}

/** Bouclier\Core\House\Land */
export type Land = "line" | "load" | "splice" | "cap";

/** Bouclier\Core\Practice\Level */
export type Level = "easy" | "middling" | "hard";

/** App\Models\Enums\LinkPurpose */
export type LinkPurpose = "questions" | "trial" | "offer" | "device" | "house";

/** Bouclier\Core\House\Entries\LockKind */
export type LockKind = "locked" | "tagged";

/** Bouclier\Core\Scope\Need */
export type Need = "must" | "should" | "could";

/** Bouclier\Core\Feed\Trace\NextKind */
export type NextKind = "off" | "trip" | "button" | "open" | "lift";

/** Bouclier\Core\House\PairMeans */
export type PairMeans = "meter" | "non_contact" | "lamp" | "cap" | "mark" | "old_landing";

/** Bouclier\Core\House\PointKind */
export type PointKind = "receptacle" | "hardwired" | "light" | "switch" | "junction";

/** Bouclier\Core\House\PointLabel */
export type PointLabel = "gfci_protected" | "no_equipment_ground" | "first_outlet_afci";

/** Bouclier\Core\Prove\Proof */
export type Proof = "open" | "proved" | "failed";

/** Bouclier\Core\House\ProofWay */
export type ProofWay = "seen_live" | "line_terminals" | "reference";

/** Bouclier\Core\House\Protection */
export type Protection = "gfci" | "afci" | "tr" | "wr";

/** Bouclier\Core\House\ResetBy */
export type ResetBy = "button" | "test_then_reset" | "off_then_on" | "unknown";

/** Bouclier\Core\House\Entries\RoundStep */
export type RoundStep =
  | "reset"
  | "lamps"
  | "runs"
  | "test"
  | "back"
  | "button"
  | "light"
  | "cover"
  | "plate";

/** Bouclier\Core\House\Entries\SeenKind */
export type SeenKind = "off" | "trip" | "button" | "open" | "lift" | "pair";

/** Bouclier\Core\House\Serves */
export type Serves =
  | "general"
  | "countertop"
  | "refrigerator"
  | "freezer"
  | "dishwasher"
  | "disposal"
  | "sump_pump"
  | "range"
  | "wall_oven"
  | "cooktop"
  | "dryer"
  | "washer"
  | "microwave"
  | "garage_opener"
  | "hvac"
  | "hvac_inverter"
  | "hvac_service"
  | "ev"
  | "spa"
  | "pool_pump"
  | "hydromassage"
  | "floor_heat"
  | "fire_alarm"
  | "smoke_alarm"
  | "security"
  | "snow_melting"
  | "bath_fan"
  | "ceiling_support"
  | "bidet"
  | "landscape"
  | "range_hood"
  | "boat_hoist";

/** Bouclier\Core\CodeBook\Severity */
export type Severity = "error" | "warning" | "advice";

/** Bouclier\Core\Plan\Strategy */
export type Strategy = "fewest" | "local" | "panel";

/** Bouclier\Core\House\SymptomKind */
export type SymptomKind =
  | "trips"
  | "dead"
  | "will_not_reset"
  | "will_not_trip"
  | "reads_wrong"
  | "shock"
  | "overload";

/** Bouclier\Core\House\SymptomWhen */
export type SymptomWhen = "at_once" | "with_load" | "random" | "wet" | "unknown";

/** Bouclier\Core\Plan\Task */
export type Task =
  | "swap"
  | "breaker"
  | "rewire"
  | "box_work"
  | "replace_box"
  | "cover"
  | "label"
  | "handle_tie"
  | "new_circuit"
  | "pull_cable"
  | "move_outlet"
  | "new_outlet"
  | "plug_elsewhere"
  | "look"
  | "record";

/** Bouclier\Core\House\Terminals */
export type Terminals = "line" | "load";

/** Bouclier\Core\CodeBook\Concerns\Urgency */
export type Urgency = "danger" | "asked" | "advice";

/** Bouclier\Core\CodeBook\Verdict */
export type Verdict = "met" | "missing" | "advised" | "not_asked" | "not_asked_but_present";

/** sheets/BoxSheet.php */
export interface Way {
  way: ProofWay;
  label: string;
  /** It takes a grounded lead from outside. */
  reference: boolean;
  /** Why readings would prove nothing now; null where they would. */
  nothing: string | null;
  toRead: Place[];
}

/** Bouclier\Core\House\WiringMethod */
export type WiringMethod = "nm" | "mc" | "ac" | "emt" | "rmc" | "pvc" | "concrete";

/** Bouclier\Core\House\Work */
export type Work = "new" | "extend" | "replace" | "existing";

/** sheets/AddingSheet.php */
export interface FeedOffer {
  /** Null for a circuit of its own. */
  point: string | null;
  code: string;
  name: string;
  /** The breaker it hangs on, as it is called. */
  circuit: string | null;
  way: Way;
  wayName: string;
  ft: number;
  refused: string[];
  notes: string[];
  cut: string[];
  /** What is done at the outlet and on its run. */
  text: string;
  minutes: number;
  cost: number;
  outlet: string;
  patches: DraftChangeSent[];
}

/** sheets/AddingSheet.php */
export interface AddingPage {
  taps: FeedOffer[];
}

/** sheets/AfterwardsSheet.php */
export interface RoadStepShown {
  done: string;
  read: string;
  minutes: number;
  at: number;
  open: string[];
  /** What it told of the cause; null where it was no test. */
  bits: number | null;
  danger: boolean;
}

/** sheets/AfterwardsSheet.php */
export interface RoadShown {
  minutes: number;
  boxes: number;
  bits: number;
  steps: RoadStepShown[];
}

/** sheets/AfterwardsSheet.php */
export interface PartingShown {
  /** Its number among the steps that were gone. */
  step: number;
  gone: string;
  couldTell: number;
  /** With what would have had to be done before it; null where it could tell nothing worth its minutes. */
  minutes: number | null;
  better: string;
  wouldTell: number;
  betterMinutes: number;
  /** The two that were likeliest then, where both would have shown the same. */
  between: string[];
}

/** sheets/AfterwardsSheet.php */
export interface AfterwardsShown {
  right: boolean;
  named: string | null;
  cause: string;
  theme: string;
  repair: string[];
  proof: string[];
  dangers: string[];
  gone: RoadShown;
  best: RoadShown;
  parting: PartingShown | null;
  beliefs: string[];
  level: Level;
  levelLabel: string;
  lookAlikes: number;
  again: string;
}

/** sheets/AlternativesSheet.php */
export interface AlternativeLine {
  of: string;
  text: string;
  verdict: Verdict;
  verdictName: string;
  also: string[];
}

/** sheets/BackSheet.php */
export interface BackRead {
  /** Null where nothing on it says so. */
  lineAt: BackEnd | null;
  leads: boolean;
}

/** sheets/BackSheet.php */
export interface WirePlace {
  land: Land;
  end: BackEnd | null;
  text: string;
}

/** sheets/BackSheet.php */
export interface Move {
  name: string | null;
  tag: string | null;
  oldHot: WirePlace | null;
  oldNeutral: WirePlace | null;
  newHot: WirePlace | null;
  newNeutral: WirePlace | null;
  changesEnd: boolean;
  objection: string | null;
}

/** sheets/BackSheet.php */
export interface Backs {
  /** Null while nobody has read it. */
  old: BackRead | null;
  new: BackRead | null;
  moves: Move[];
}

/** sheets/BoxSheet.php */
export interface Hands {
  allowed: boolean;
  why: string;
}

/** sheets/BoxSheet.php */
export interface BoxBreaker {
  id: string;
  spoken: string;
  off: boolean;
  lock: Lock | null;
}

/** sheets/BoxSheet.php */
export interface Place {
  half: Half | null;
  pair: string | null;
  terminals: Terminals | null;
  between: Between;
  spoken: string;
}

/** sheets/BoxSheet.php */
export interface RelandingShown {
  land: Land;
  label: string;
  isNow: boolean;
  gains: string[];
  loses: string[];
  dark: string[];
  leakageMa: number | null;
}

/** sheets/BoxSheet.php */
export interface PairCable {
  id: string;
  end: "from" | "to";
  /** What happens downstream with it landed on each side. */
  if: RelandingShown[];
}

/** sheets/BoxSheet.php */
export interface CableSeen {
  ft: number | null;
  awg: number | null;
  method: WiringMethod | null;
  strapFt: number | null;
  hot: string | null;
  neutral: string | null;
  mark: string | null;
}

/** sheets/BoxSheet.php */
export interface PairAsked {
  ask: string;
  answers: { say: string; feed: boolean; means: string }[];
}

/** sheets/BoxSheet.php */
export interface Pair {
  /** Its letter since the box was opened. */
  name: string | null;
  /** Where its wires sat on the device that came out. */
  sat: { hot: Land | null; neutral: Land | null };
  /** Where no cable of it is drawn: what happens with it landed on each side, in words. */
  undrawn: { land: Land; label: string; says: string }[];
  /** By the means. */
  asks: Record<string, PairAsked>;
  isFeed: boolean | null;
  reads: { live: boolean; by: string; spoken: string; proof: boolean }[];
  /** What to write on its jacket. */
  tag: string | null;
  landing: { hot: Land; neutral: Land } | null;
  cable: PairCable | null;
  /** Of its cable, drawn or not; null where there is neither a cable nor a letter to note it by. */
  seen: CableSeen | null;
}

/** sheets/BoxSheet.php */
export interface Checked {
  id: BoxCheck;
  label: string;
  ok: boolean | null;
  who: string | null;
  at: string | null;
}

/** sheets/BoxSheet.php */
export interface Recorded {
  id: string;
  text: string | null;
  at: string | null;
  who: string | null;
}

/** sheets/BoxSheet.php */
export interface PhotoShown {
  id: string;
  text: string | null;
  at: string | null;
  who: string | null;
  file: string;
}

/** sheets/BoxSheet.php */
export interface TapShown {
  /** Of the box in the house file. */
  field: string;
  ask: string;
  /** `well` is null where it is neither. */
  choices: { label: string; value: unknown; well: boolean | null; now: boolean }[];
  /** As it was noted, where that is none of them. */
  said: string | null;
}

/** sheets/BoxSheet.php */
export interface BoxPage {
  point: string;
  feedsThrough: boolean;
  handsOn: Hands;
  /** Whether work on live parts may be offered to who looks. */
  liveWork: boolean;
  breakers: BoxBreaker[];
  /** Halves with a reading of their own; a null for the whole. */
  halves: (Half | null)[];
  grounded: boolean;
  /** What shows that it was live before its breaker went off, in words. */
  seenLive: string | null;
  ways: Way[];
  limitVolts: number;
  /** After which a proof is made again. */
  holdsHours: number;
  /** How far the box is taken apart; null while it was never opened, or is made up. */
  state: BoxState | null;
  states: { value: BoxState; label: string }[];
  /** Pairs counted when it was opened. */
  opened: number | null;
  pairs: Pair[];
  means: { value: PairMeans; label: string; proof: boolean; live: boolean }[];
  backs: Backs;
  /** What the old landing said and the meter did not. */
  asFound: string | null;
  volume: { has: number | null; needs: number | null };
  /** How a cable may be run. */
  methods: { value: WiringMethod; label: string }[];
  /** The box as it is found, in the order of the hand. */
  taps: TapShown[];
  checks: Checked[];
  /** So many of all these nobody has noted yet, and may be well. */
  rest: number;
  photos: PhotoShown[];
  notes: Recorded[];
}

/** sheets/ComparisonSheet.php */
export interface ComparedSide {
  asked: boolean;
  verdict: Verdict | null;
  verdictName: string;
  clauses: string[];
  fact: string | null;
}

/** sheets/ComparisonSheet.php */
export interface ComparedOutlet {
  id: string;
  code: string;
  name: string;
  room: string;
  protection: string;
  newlyAsked: boolean;
  before: ComparedSide;
  after: ComparedSide;
}

/** sheets/ComparisonSheet.php */
export interface AmendmentEffect {
  /** Whether it is about any rule of the edition. */
  matches: boolean;
  outlets: ComparedOutlet[];
}

/** sheets/DecideSheet.php */
export interface PlanFigures {
  cost: number;
  minutes: number;
  minutesAtPanel: number;
  /** Boxes that are opened in the rooms. */
  boxes: number;
  /** Outlets whose protection is reset in another room. */
  walks: number;
  /** mA to spare where it comes nearest to tripping by itself, at worst; null where no GFCI is in it. */
  spareMa: number | null;
  /** Of tripping by itself on what leaks with nothing wrong. */
  chance: number;
}

/** sheets/DecideSheet.php */
export interface PlanName {
  strategy: Strategy;
  cost: number | null;
  walks: number | null;
}

/** sheets/DecideSheet.php */
export interface PlanCard {
  strategy: Strategy;
  name: string;
  /** What sets it apart from the others, in a sentence. */
  said: string;
  /** Outlets that still want something then. */
  left: number;
  /** Of a plan for all but those that stand in the way; null where none is to be had. */
  figures: PlanFigures | null;
  blocked: { point: string; code: string; why: string }[];
}

/** sheets/DecideSheet.php */
export interface DraftLine {
  id: string;
  name: string;
  who: string | null;
  at: string | null;
  changes: number;
}

/** sheets/DecideSheet.php */
export interface AcceptedLine {
  name: string;
  at: string;
  total: number;
  validUntil: string | null;
  lines: string[];
}

/** sheets/DecideSheet.php */
export interface DecidePage {
  /** Outlets that ask for something they do not have. */
  wanting: number;
  plans: PlanCard[];
  /** Every plan that no other beats in cost, walks and what it has to spare: the cheapest first. */
  between: PlanFigures[];
  drafts: DraftLine[];
  /** What customers have accepted, as it was filed. */
  accepted: AcceptedLine[];
}

/** sheets/DrillSheet.php */
export interface DrillKind {
  name: string;
  label: string;
  means: string;
}

/** sheets/DrillSheet.php */
export interface DrillItemShown {
  id: string;
  label: string;
  seen: string[];
  /** What is done with an instrument, and what it then shows. */
  reads: { do: string; shows: string }[];
  /** Hot to neutral, hot to ground, neutral to ground. */
  lamps: boolean[] | null;
}

/** sheets/DrillSheet.php */
export interface DrillBoxShown {
  prompt: string;
  options: string[];
  items: DrillItemShown[];
}

/** sheets/DrillSheet.php */
export interface DrillRound {
  kind: DrillKind;
  boxes: DrillBoxShown[];
}

/** sheets/DrillSheet.php */
export interface DrillAnswered {
  right: boolean;
  items: { id: string; right: boolean; answer: string; why: string }[];
}

/** sheets/HouseSheet.php */
export interface ConcernShown {
  id: string;
  urgency: Urgency;
  urgencyName: string;
  hazard: Hazard;
  hazardName: string;
  clause: string | null;
  what: string;
  /** What mends all of it, where the line itself does not say. */
  cure: string | null;
  points: string[];
  /** It goes when the runs are known. */
  trace: boolean;
}

/** sheets/HouseSheet.php */
export interface FixtureShown {
  id: string;
  kind: FixtureKind;
  label: string;
}

/** sheets/HouseSheet.php */
export interface GhostShown {
  serves: Serves;
  name: string;
  kind: PointKind;
  /** What a receptacle for it is usually rated, the likeliest first. */
  amps: number[];
  fixture: string | null;
  ft: number | null;
}

/** sheets/HouseSheet.php */
export interface Room {
  id: string;
  code: string;
  /** Codes it had before, by which it is still found. */
  formerCodes: string[];
  name: string;
  kind: string;
  areaKind: AreaKind;
  /** Which receptacles count wherever they are; null when distance alone decides. */
  band: string | null;
  bandWhole: boolean;
  afciBand: string | null;
  clauses: string[];
  /** By the kind of fixture. */
  limitsFt: Record<string, number>;
  doorEnds: boolean;
  fixtures: FixtureShown[];
  outlets: Outlet[];
  /** What such a room usually has and nobody has confirmed. */
  ghosts: GhostShown[];
  /** The code the next outlet gets, and the one a room like it would. */
  nextCode: string;
  likeCode: string;
}

/** sheets/HouseSheet.php */
export interface Proving {
  left: number;
  failed: number;
  of: number;
}

/** sheets/HouseSheet.php */
export interface JudgedHouse {
  rooms: Room[];
  /** Everything found by what has to be done about it, the worst first; and the ids of the three worst. */
  concerns: ConcernShown[];
  worst: string[];
  /** What is still to be done, and what was closed with evidence. */
  items: Item[];
  /** Facts the verdicts rest on and nobody has recorded, each once. */
  granted: number;
  /** Where in the first panel a breaker can still go. */
  freeSlots: number[];
  /** The test round after the work; null where nothing was touched. */
  proving: Proving | null;
}

/** sheets/HouseSheet.php */
export interface Stored {
  id: string;
  revision: number;
  lastChange: { summary: string; who: string | null; at: string } | null;
  /** What undo would turn back, null when there is nothing. */
  undo: string | null;
  redo: string | null;
}

/** sheets/HouseSheet.php */
export interface HouseHead {
  id: string;
  name: string;
  edition: Edition;
  editionName: string;
  coreRulesOnly: boolean;
  unit: "ft" | "m";
  amendments: number;
  /** The crew's jurisdiction the code was taken from. */
  jurisdiction: string | null;
  work: Work;
  workName: string;
  /** The day of the permit, which decides deferrals. */
  permitDate: string | null;
  /** The call that is open, with how many tests were done. */
  call: { tests: number } | null;
  revision: number;
  lastChange: { summary: string; who: string | null; at: string } | null;
  /** What undo would turn back, null when there is nothing. */
  undo: string | null;
  redo: string | null;
}

/** sheets/HuntSheet.php */
export interface Slot {
  id: string;
  slot: string;
  label: string;
}

/** sheets/HuntSheet.php */
export interface HuntPage {
  step: number;
  /** Who began it, and so stands at the outlet. */
  by: string | null;
  byName: string | null;
  point: string;
  code: string;
  phase: HuntPhase;
  /** Breakers it may still be. */
  left: number;
  off: Slot[];
  on: Slot[];
  found: Slot[];
  /** Open boxes that power would come to, in words, and whether bare ends there forbid it. */
  boxes: string[];
  waits: boolean;
}

/** sheets/HuntSheet.php */
export interface CandidateLine {
  id: string;
  slot: string;
  label: string;
  reasons: string[];
  /** Others whose label is the same: turned off with it. */
  alike: Slot[];
}

/** sheets/HuntSheet.php */
export interface BreakersPage {
  /** Which it may be, the likeliest first. */
  candidates: CandidateLine[];
  /** Points where nothing worked when somebody looked last. */
  dead: string[];
}

/** sheets/KeepSheet.php */
export interface DeviceKept {
  id: string;
  point: string | null;
  spoken: string;
  name: string;
  kind: string;
  age: string | null;
  /** What it asks for, the most urgent first; and what is known of it. */
  asks: string[];
  selfTest: boolean | null;
  sooner: string | null;
  lastTested: string | null;
  trips: number;
  times: number[];
  events: { what: string; at: string | null; who: string | null; text: string | null }[];
}

/** sheets/KeepSheet.php */
export interface ItemKept {
  text: string;
  code: string | null;
  due: string | null;
  interim: string | null;
  overdue: boolean;
}

/** sheets/KeepSheet.php */
export interface KeepPage {
  devices: DeviceKept[];
  items: ItemKept[];
}

/** sheets/LiveSheet.php */
export interface Lock {
  how: LockKind;
  key: string | null;
}

/** sheets/LiveSheet.php */
export interface ProofShown {
  at: string | null;
  who: string | null;
  limit: number;
  helper: boolean;
  /** Older than what this phone last heard of the others: nobody here knows whether it still holds. */
  unheard: boolean;
  codes: string[];
}

/** sheets/LiveSheet.php */
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
  proofs: ProofShown[];
}

/** sheets/LiveSheet.php */
export interface Main {
  id: string;
  name: string;
  off: boolean;
}

/** sheets/LiveSheet.php */
export interface Alarm {
  loud: boolean;
  text: string;
  point: string;
}

/** sheets/LiveSheet.php */
export interface LivePage {
  live: Breaker[];
  mains: Main[];
  /** What is live and should not be: power on a box that is open. */
  alarms: Alarm[];
}

/** sheets/LooksSheet.php */
export interface LookAt {
  point: string;
  lamps: LampsLit;
  /** The lamps in words. */
  spoken: string;
  /** Null between two that float. */
  volts: { hn: number | null; hg: number | null; ng: number | null };
  /** Other than with nothing wrong. */
  isOther: boolean;
  /** Milliamperes of a clamp round its feed, hot and neutral together, where they would be other than with nothing wrong. */
  clamp: { ma: number; sound: number } | null;
  /** Other than if the likeliest of the other suspects were it. */
  tells: boolean;
  /** What was read there in this call, the last first, and whether it speaks for the suspect; null: neither. */
  read: { spoken: string; for: boolean | null }[];
}

/** sheets/LooksSheet.php */
export interface Looks {
  /** Devices and breakers that would stand open now, and those that open as it was told, in words. */
  open: string[];
  opened: string[];
  /** Milliamperes devices of the circuit would see as it was told, and with nothing wrong, where those differ. */
  sees: { spoken: string; ma: number; sound: number }[];
  /** The likeliest of the other suspects. */
  rival: string | null;
  at: LookAt[];
}

/** sheets/MeasureSheet.php */
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

/** sheets/MeasureSheet.php */
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

/** sheets/MeasureSheet.php */
export interface CableClamp {
  id: string;
  spoken: string;
  ma: number;
  hotMa: number;
}

/** sheets/MeasureSheet.php */
export interface ReadLine {
  read: string;
  expected: string | null;
  means: string | null;
  at: string | null;
  who: string | null;
}

/** sheets/MeasureSheet.php */
export interface TripTimes {
  tests: { ms: number; ma: number; says: string; at: string | null; who: string | null }[];
  limit: { ma: number; ms: number }[];
}

/** sheets/MeasureSheet.php */
export interface MeasurePage {
  point: string;
  isFed: boolean;
  /** What its breaker carries beside its rating, in words. */
  circuit: string | null;
  supplyVolts: number;
  /** Null where nothing is known to feed it: then nothing can be expected. */
  lamps: LampsLit | null;
  /** Null between two that float: a high-impedance meter shows anything. */
  volts: { hn: number | null; hg: number | null; ng: number | null } | null;
  /** What a meter shows there, in words. */
  floating: string;
  cables: CableClamp[];
  /** Along the run from the breaker: feet from the panel, and volts with what runs. */
  profile: { code: string; ft: number; volts: number }[];
  /** The last first; `means` is null where it agrees with what was expected. */
  read: ReadLine[];
  budgets: Budget[];
  /** Of a GFCI: its trip times beside the limit. */
  trips: TripTimes | null;
}

/** sheets/OfferSheet.php */
export interface OfferedLine {
  key: string;
  need: Need;
  title: string;
  plain: string;
  clauses: string[];
  codes: string[];
  cost: number;
  minutes: number;
}

/** sheets/OfferSheet.php */
export interface Offered {
  house: string;
  edition: string;
  crew: string;
  licence: string | null;
  madeOn: string;
  validUntil: string;
  lines: OfferedLine[];
}

/** sheets/OfferSheet.php */
export interface OfferKept {
  offered: Offered;
  /** What each line takes, by its key; and what things cost then. */
  steps: Record<string, StepSent[]>;
  prices: { prices: Record<string, number>; minutes: Record<string, number>; rate_per_hour: number };
}

/** sheets/OutletSheet.php */
export interface Demanded {
  clause: string;
  reason: string;
  fact: string;
  amended: string | null;
}

/** sheets/OutletSheet.php */
export interface GuardShown {
  id: string;
  spoken: string;
  self: boolean;
  breaker: boolean;
  /** By what it was seen to protect the outlet; null where the drawing says so. */
  shown: string | null;
}

/** sheets/OutletSheet.php */
export interface MayOpenShown {
  id: string;
  spoken: string;
  self: boolean;
}

/** sheets/OutletSheet.php */
export interface Judged {
  verdict: Verdict;
  verdictName: string;
  demands: Demanded[];
  exemptions: { clause: string; by: string; why: string }[];
  guards: GuardShown[];
  /** Why a guard that is there does not do. */
  objections: string[];
  /** Why nothing is asked, where nothing is. */
  whyNot: string | null;
}

/** sheets/OutletSheet.php */
export interface DistanceShown {
  /** Its place in the outlet's list in the house file. */
  index: number;
  /** As it stands in the house file, so that changing one thing loses nothing else. */
  asWritten: Distance;
  fixture: string;
  fixtureKind: FixtureKind;
  fixtureName: string;
  room: string;
  ft: number;
  crosses: Crosses;
  crossesName: string;
}

/** sheets/OutletSheet.php */
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

/** sheets/OutletSheet.php */
export interface Built {
  name: string;
  field: "tr" | "wr";
  has: boolean | null;
  demands: Demanded[];
}

/** sheets/OutletSheet.php */
export interface Age {
  years: string | null;
  rests: string | null;
  installedOn: string | null;
  selfTest: boolean | null;
  /** How soon it asks for another device. */
  asks: AgeAsks;
}

/** sheets/OutletSheet.php */
export interface GrantedShown {
  in: "points" | "areas" | "circuits";
  id: string;
  field: string;
  text: string;
  /** What one tap records; none where it has to be measured. */
  choices: { label: string; value: string | boolean | number }[];
}

/** sheets/OutletSheet.php */
export interface FindingShown {
  id: string;
  severity: Severity;
  /** What it can do to somebody now, whatever the code asks. */
  hazard: Hazard;
  hazardName: string;
  clause: string | null;
  why: string;
}

/** sheets/OutletSheet.php */
export interface UsualShown {
  name: string;
  watts: number;
}

/** sheets/OutletSheet.php */
export interface Outlet {
  id: string;
  code: string;
  /** Codes it had before, by which it is still found. */
  formerCodes: string[];
  name: string;
  kind: PointKind;
  kindName: string;
  device: Device;
  deviceName: string;
  serves: Serves;
  servesName: string;
  amps: number;
  volts: number;
  circuit: string | null;
  circuitId: string | null;
  /** Whether its run is known back to a breaker. */
  traced: boolean;
  /** Whether a plug-in tester fits. */
  takesTester: boolean;
  /** The one that decides where the outlet stands on the ruler comes first. */
  distances: DistanceShown[];
  gfci: Judged;
  afci: Judged;
  /** What is to be built into the outlet itself. */
  built: Built[];
  /** The outlet as quick entry writes it, its code first. */
  line: string;
  /** The last tester reading of each half. */
  readings: TesterReading[];
  /** What a tester's button here may open; and whether it has a ground to leak into. */
  mayOpen: MayOpenShown[];
  buttonReaches: boolean;
  /** Of an arc-fault device: a tester's button leaks a current it need not see. */
  ownTestAlone: boolean;
  /** Of a protective device: how old it is as far as can be known, and on what that rests. */
  age: Age | null;
  /** What is plugged in here. */
  appliances: PluggedIn[];
  /** What is usually found plugged in at such an outlet. */
  usual: UsualShown[];
  findings: FindingShown[];
  /** Its own kind of work, null where that of the house holds; and what it is judged as. */
  work: Work | null;
  workName: string;
  exposure: Exposure | null;
  ground: GroundPath | null;
  cover: Cover | null;
  /** Whether it stands where the weather, or damp, is asked about. */
  weather: boolean;
  slots: number;
  light: DeviceLight | null;
  sound: DeviceSound | null;
  resetBy: ResetBy | null;
  feedThroughAmps: number | null;
  /** Another device of the same kind of which more is known, and what that says of this one, by the fields of the house file. */
  like: { code: string; set: Record<string, unknown> } | null;
  /** Its kind among devices, where nothing is known yet of how one of it is handled; null where it is, or it is none. */
  mannersOf: string | null;
  /** What may be marked on it, and whether that is asked for. */
  labels: { value: PointLabel; label: string; has: boolean; asked: boolean }[];
  /** Feet above the floor, null where nobody has measured. */
  heightFt: number | null;
  /** Whether a tub or shower is near enough for the height to matter. */
  nearTub: boolean;
  /** What a deferral by the date of the permit decides here; null where none does. */
  deferral: string | null;
  /** What its verdicts rest on and nobody has recorded. */
  granted: GrantedShown[];
  /** How far it is proved since it was worked on; null where it was not. */
  proof: Proof | null;
}

/** sheets/OwnerSheet.php */
export interface OwnerDevice {
  id: string;
  /** As it is marked. */
  code: string;
  isBreaker: boolean;
  where: string;
  reset: string;
  unplug: string[];
  goesDead: string[];
  /** Whether it trips by itself and is tested. */
  isTested: boolean;
  testDue: boolean;
  lastTested: string | null;
  photo: string | null;
}

/** sheets/OwnerSheet.php */
export interface OwnerOutlet {
  id: string;
  code: string;
  name: string;
  why: string[];
}

/** sheets/OwnerSheet.php */
export interface OwnerRoom {
  name: string;
  outlets: OwnerOutlet[];
}

/** sheets/OwnerSheet.php */
export interface OwnerPage {
  house: string;
  rooms: OwnerRoom[];
  /** By id. */
  devices: Record<string, OwnerDevice>;
  /** The devices whose monthly test is due. */
  due: string[];
}

/** sheets/PlanSheet.php */
export interface ZoneShown {
  by: string;
  /** Spoken: a location code, or a breaker. */
  name: string;
  covers: string[];
  ma: number;
  spareMa: number;
  chance: number;
  /** What goes dark with it and matters. */
  dark: string[];
}

/** sheets/PlanSheet.php */
export interface DraftChangeSent {
  in: string;
  id: string;
  set?: object | null;
}

/** sheets/PlanSheet.php */
export interface PlanPage {
  /** Null of a draft, which has no figures of its own. */
  figures: PlanFigures | null;
  /** In sentences: what changes. */
  changes: string[];
  /** Outlets and circuits that are other than they are now. */
  changed: string[];
  zones: ZoneShown[];
  /** Outlets that would still ask for something they do not have; and what would be found then and is not now, and the other way round. */
  wanting: number;
  brings: string[];
  ends: string[];
  runs: RunsPage;
  rooms: Room[];
  /** What keeps it as a draft, part by part. */
  patches: DraftChangeSent[];
}

/** sheets/Practising.php */
export interface PracticeAdvice {
  /** Where nobody has traced the runs there is none yet. */
  traced: boolean;
  settled: boolean;
  next: { title: string; minutes: number; why: string } | null;
  suspects: { name: string; probability: number }[];
}

/** sheets/Practising.php */
export interface CauseToName {
  id: string;
  name: string;
  /** Where it is: what is asked first. */
  place: string;
}

/** sheets/Practising.php */
export interface PracticeChoices {
  written: { name: string; title: string; words: string }[];
  kinds: { value: CaseKind; label: string }[];
  levels: { value: Level; label: string }[];
  drills: DrillKind[];
  least: number;
  most: number;
}

/** sheets/ReadsSheet.php */
export interface ReadsPage {
  /** The likeliest first. */
  causes: { name: string; probability: number }[];
  /** How to tell them apart, and why so; null where no test would. */
  next: string | null;
  why: string | null;
}

/** sheets/RoundSheet.php */
export interface BeyondShown {
  id: string;
  code: string;
  name: string;
}

/** sheets/RoundSheet.php */
export interface RoundStepShown {
  key: string;
  step: RoundStep;
  label: string;
  /** A point or a circuit, and how it is spoken of. */
  at: string;
  point: string | null;
  spoken: string;
  name: string;
  half: Half | null;
  do: string;
  expects: string;
  means: string;
  why: string | null;
  lamps: LampsLit | null;
  volts: number | null;
  limitMs: number | null;
  /** What a TEST must make dead, itself among it. */
  dead: BeyondShown[];
  state: Proof;
  said: string | null;
}

/** sheets/RoundSheet.php */
export interface RoundGroup {
  key: string;
  /** Of a room. */
  title: string;
  /** All of it may be seen as it should be with one tap. */
  routine: boolean;
  steps: RoundStepShown[];
}

/** sheets/RoundSheet.php */
export interface RoundPage {
  groups: RoundGroup[];
  left: number;
  failed: number;
  of: number;
  /** What stands in the way: breakers that are off, boxes that stand open. */
  off: { id: string; spoken: string }[];
  open: { id: string; code: string }[];
  /** Testing before the box is closed, step by step: live work. Empty where no box is open, or nobody who may do it asks. */
  beforeClosing: string[];
  /** What may hold until something is mended. */
  interims: string[];
}

/** sheets/RuleSheet.php */
export interface RuleLine {
  id: string;
  asksFor: string | null;
  reason: string;
  /** By edition, in their order; null where it is not in that one. */
  clauses: (string | null)[];
  /** Limits, rooms and dates it uses, by edition. */
  uses: string[][];
  /** Whether it is only likely, by edition. */
  likely: boolean[];
  readBy: string;
  readOn: string;
  /** Outlets of the open house that it binds, or that it was found at. */
  binds: { id: string; code: string }[];
}

/** sheets/RuleSheet.php */
export interface NamedRule {
  value: string;
  label: string;
  what: Protection;
  clauses: (string | null)[];
}

/** sheets/RuleSheet.php */
export interface RulePage {
  editions: string[];
  /** The edition of the open house, among the editions; null without one. */
  own: number | null;
  rules: RuleLine[];
  exceptions: RuleLine[];
  /** What is found beside rules. */
  findings: RuleLine[];
}

/** sheets/RunsSheet.php */
export interface LeakageLevel {
  ma: number;
  /** `near`: over its budget; `over`: it may trip with nothing wrong. */
  level: "fine" | "near" | "over";
}

/** sheets/RunsSheet.php */
export interface RunNode {
  id: string;
  certain: boolean;
  /** How the run leaves a protective device; null where that is not known or means nothing. */
  leaves: "line" | "load" | "mixed" | null;
  cable: { id: string; ft: number | null; awg: number } | null;
  wiring: "right" | "reversed" | "split";
  /** Of the same kind, which a type of PHP cannot say. */
  children: RunNode[];
}

/** sheets/RunsSheet.php */
export interface Run {
  id: string;
  slot: string;
  label: string;
  amps: number;
  panel: string;
  breaker: BreakerType;
  gfci: boolean;
  /** What leaks through a GFCI breaker with nothing wrong. */
  leakage: LeakageLevel | null;
  hasTest: boolean;
  shared: { with: string; by: "two_pole" | "one_pole" | "plain" } | null;
  runs: RunNode[];
  /** On it, but in no known order. */
  loose: string[];
}

/** sheets/RunsSheet.php */
export interface PairsCounted {
  count: number;
  names: string[];
  feed: string | null;
  onward: string[];
  lifted: string[];
}

/** sheets/RunsSheet.php */
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
  handsOn: Hands;
  pairs: PairsCounted | null;
}

/** sheets/RunsSheet.php */
export interface SeenShown {
  /** Its id in the house file, by which it is withdrawn. */
  id: string;
  kind: SeenKind;
  spoken: string;
  at: string | null;
  who: string | null;
}

/** sheets/RunsSheet.php */
export interface ConflictShown {
  why: string;
  facts: SeenShown[];
  cables: { id: string; spoken: string }[];
}

/** sheets/RunsSheet.php */
export interface NextStep {
  kind: NextKind;
  circuit: string | null;
  point: string | null;
  pair: string | null;
  minutes: number;
  why: string;
  /** The open call rests on it. */
  forCall: boolean;
  title: string;
  /** How it is done, in order. */
  steps: string[];
  handsOn: boolean;
}

/** sheets/RunsSheet.php */
export interface Kept {
  to: string;
  spoken: string;
}

/** sheets/RunsSheet.php */
export interface RunsPage {
  circuits: Run[];
  /** Outlets no breaker is known or believed of. */
  unplaced: string[];
  outlets: Record<string, TracedOutlet>;
  facts: SeenShown[];
  conflicts: ConflictShown[];
  next: NextStep | null;
  resolved: boolean;
  /** Pairs of outlets of which it is not known whether one feeds the other. */
  unknown: number;
  /** Certain runs the house has no cable for yet. */
  keep: Kept[];
}

/** sheets/ScopeSheet.php */
export interface StepSent {
  task: Task;
  item: Item | null;
  count: number;
  point: string | null;
  circuit: string | null;
  finish: string;
}

/** sheets/ScopeSheet.php */
export interface ScopeLineShown {
  key: string;
  need: Need;
  /** For a colleague, and for the customer. */
  title: string;
  plain: string;
  clauses: string[];
  why: string[];
  codes: string[];
  /** By itself; null where it comes only with the plan. */
  alone: { minutes: number; cost: number } | null;
  /** To the plan; of the plan itself all it takes. */
  adds: { minutes: number; cost: number };
  steps: StepSent[];
  ofThePlan: boolean;
  /** To be done unless somebody says otherwise. */
  needed: boolean;
  toBeProved: boolean;
  uncured: boolean;
  /** Whether it is other on the drawings. */
  drawn: boolean;
}

/** sheets/ScopeSheet.php */
export interface PartLine {
  item: Item;
  name: string;
  finish: string;
  count: number;
  each: number;
}

/** sheets/ScopeSheet.php */
export interface BillShown {
  minutes: number;
  minutesAtPanel: number;
  parts: PartLine[];
  partsCost: number;
  cost: number;
}

/** sheets/ScopeSheet.php */
export interface NeedName {
  need: Need;
  name: string;
}

/** sheets/ScopeSheet.php */
export interface ScopePage {
  edition: string;
  needs: NeedName[];
  lines: ScopeLineShown[];
  /** Of all that must and should be done. */
  bill: BillShown;
}

/** sheets/StepCards.php */
export interface TrialPage {
  days: number;
  where: string;
  /** Whether they may reset it themselves. */
  reset: boolean;
  /** And how, as its maker means it. */
  how: string;
  asks: string[];
  not: string[];
  stakes: string[];
}

/** sheets/StepCards.php */
export interface TrialRule {
  shown: string;
  means: string;
}

/** sheets/StepCards.php */
export interface StepAction {
  action: Record<string, unknown>;
  /** What is filed of it once a later one was read. */
  passed: Record<string, unknown>;
}

/** sheets/StepCards.php */
export interface Stake {
  text: string;
  move: { label: string; actions: StepAction[] } | null;
}

/** sheets/StepCards.php */
export interface TrialCard {
  /** What the householder will read. */
  page: TrialPage;
  rule: TrialRule[];
  /** That of one day alone. */
  oneDay: TrialRule[];
  /** How else it can be done where something spoils. */
  stakes: Stake[];
}

/** sheets/StepCards.php */
export interface Choice {
  label: string;
  reading: Record<string, unknown>;
  chance: number;
  means: string;
}

/** sheets/StepCards.php */
export interface EarlyTrip {
  label: string;
  steps: number;
  tripped: string;
}

/** sheets/StepCards.php */
export interface StepCard {
  title: string;
  why: string;
  /** Why it cannot be done dead; null where nothing is live. */
  live: string | null;
  steps: string[];
  minutes: number;
  opens: boolean;
  days: number;
  trial: TrialCard | null;
  /** What it tells apart. */
  splits: string;
  actions: StepAction[];
  asks: Asked;
  choices: Choice[];
  expected: { shown: string; chance: number; means: string }[];
  /** Steps before the last by which it may trip already. */
  early: EarlyTrip[];
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

/** sheets/SweepSheet.php */
export interface LampsLit {
  hn: boolean;
  hg: boolean;
  ng: boolean;
}

/** sheets/SweepSheet.php */
export interface TesterReading {
  half: Half | null;
  lamps: LampsLit;
  volts: number | null;
  /** What the volts say beside the supply; null when there is nothing to say. */
  voltsSay: string | null;
  at: string | null;
  who: string | null;
  means: string;
  cannotShow: string | null;
  isCorrect: boolean;
}

/** sheets/TripsSheet.php */
export interface CallShown {
  kind: SymptomKind;
  at: string;
  place: string;
  when: SymptomWhen;
  running: string[];
  runningNames: string[];
  words: string | null;
  startedAt: string | null;
  who: string | null;
  /** By the question. */
  answers: Record<string, string> | null;
}

/** sheets/TripsSheet.php */
export interface Question {
  id: string;
  ask: string;
  why: string;
  /** Empty where it is answered in words. */
  answers: string[];
}

/** sheets/TripsSheet.php */
export interface Leftover {
  /** How likely it is that one repair puts right what it is. */
  covers: number;
  name: string;
  repair: string[];
}

/** sheets/TripsSheet.php */
export interface EarlierCall {
  id: string;
  at: string | null;
  symptom: SymptomKind;
  place: string;
  cause: string | null;
  settled: boolean;
  note: string | null;
}

/** sheets/TripsSheet.php */
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

/** sheets/TripsSheet.php */
export interface Suspect {
  id: string;
  name: string;
  probability: number;
  /** How often it is met, before anything is known of a house. */
  often: string;
  for: string[];
  against: string[];
  /** What the next test would show if this were it. */
  predicts: string | null;
  point: string | null;
  /** Causes that no reading could tell from it. */
  same: string[];
  /** What it would look like; null of what nobody thought of. */
  looks: Looks | null;
}

/** sheets/TripsSheet.php */
export interface Closing {
  name: string;
  cause: string;
  same: string[];
  for: string[];
  repair: string[];
  proof: string[];
  letter: string;
  point: string | null;
  /** Where it was only found tripped: the device or breaker whose trip is a question of its own. */
  why: { at: string; spoken: string } | null;
}

/** sheets/TripsSheet.php */
export interface CallState {
  facts: CallFact[];
  suspects: Suspect[];
  /** How likely all other causes are together. */
  others: number;
  next: StepCard | null;
  alternatives: StepCard[];
  plan: { title: string; minutes: number }[];
  settled: boolean;
  /** How likely the first suspect is, with what no reading could tell from it. */
  sure: number;
  closing: Closing | null;
  /** Where nothing more can be told: the repair that covers most of what is left. */
  leftover: Leftover | null;
  /** Facts that nothing on the list fits together, by their number. */
  misfits: number[];
  /** What nobody thought of fits best. */
  lost: boolean;
  corrections: string[];
  parts: { part: string; for: string }[];
  cannot: { what: string; spoken: string }[];
  /** Outlets whose wiring is assumed. */
  assumed: string | null;
  /** Boxes that stand open, and the minutes it takes to make each up before power comes to it. */
  boxes: { point: string; code: string; state: BoxState; label: string; minutes: number }[];
}

/** sheets/TripsSheet.php */
export interface TripsPage {
  call: CallShown | null;
  questions: Question[];
  earlier: EarlierCall[];
  /** What the open call is about was taken out of the house. */
  gone: boolean;
  /** Null while no call is open, or what it is about is gone. */
  state: CallState | null;
}

/** sheets/VisitSheet.php */
export interface DeedOffered {
  deed: Record<string, unknown>;
  title: string;
  minutes: number;
  /** Days it is left with who lives there. */
  days: number;
}

/** sheets/VisitSheet.php */
export interface DangerShown {
  title: string;
  wouldHave: string;
  why: string;
  instead: string;
}

/** sheets/VisitSheet.php */
export interface VisitStep {
  done: string;
  read: string;
  minutes: number;
  /** Minutes into the visit. */
  at: number;
  danger: DangerShown | null;
}

/** sheets/VisitSheet.php */
export interface VisitOutlet {
  id: string;
  code: string;
  name: string;
  device: string;
  box: BoxState;
  boxLabel: string | null;
  offers: DeedOffered[];
  inBox: DeedOffered[];
  pairs: { name: string; offers: DeedOffered[] }[];
}

/** sheets/VisitSheet.php */
export interface VisitShown {
  case: string;
  title: string;
  words: string;
  minutes: number;
  open: string[];
  /** Null where nobody has traced it. */
  runs: { circuit: string; outlets: { id: string; code: string; depth: number }[] }[] | null;
  rooms: { code: string; name: string; outlets: VisitOutlet[] }[];
  circuits: { id: string; name: string; isOff: boolean; offers: DeedOffered[] }[];
  things: { id: string; name: string; at: string | null; isOn: boolean; offers: DeedOffered[] }[];
  inHouse: DeedOffered[];
  steps: VisitStep[];
}

/** app/Pages/CrewManners.php */
export interface MannersKnown {
  kind: string;
  at: string;
  set: Record<string, unknown>;
}

/** app/Pages/HousePage.php */
export interface JudgedPage {
  house: HouseHead;
  rooms: Room[];
  /** Everything found by what has to be done about it, the worst first; and the ids of the three worst. */
  concerns: ConcernShown[];
  worst: string[];
  /** What is still to be done, and what was closed with evidence. */
  items: Item[];
  /** Facts the verdicts rest on and nobody has recorded, each once. */
  granted: number;
  /** Where in the first panel a breaker can still go. */
  freeSlots: number[];
  /** The test round after the work; null where nothing was touched. */
  proving: Proving | null;
  live: Breaker[];
  mains: Main[];
  /** What is live and should not be: power on a box that is open. */
  alarms: Alarm[];
}

/** app/Pages/HousePage.php */
export interface CallPage {
  call: CallShown | null;
  questions: Question[];
  earlier: EarlierCall[];
  /** What the open call is about was taken out of the house. */
  gone: boolean;
  /** Null while no call is open, or what it is about is gone. */
  state: CallState | null;
  /** The last pages left with the householder. */
  pages: HouseholderPage[];
}

/** app/Pages/HousePage.php */
export interface RevisionLine {
  number: number;
  kind: string;
  summary: string;
  who: string | null;
  at: string;
}

/** app/Pages/OfferPage.php */
export interface OfferLine {
  id: string;
  url: string;
  paper: string;
  lines: number;
  total: number;
  madeOn: string;
  validUntil: string;
  seenAt: string | null;
  withdrawn: boolean;
  accepted: { name: string; at: string; total: number; lines: number } | null;
}

/** app/Pages/OfferPage.php */
export interface OfferShown {
  offered: Offered;
  needs: NeedName[];
  ticked: string[];
  total: number;
  accepted: { name: string; at: string } | null;
}

/** app/Pages/OutsidePage.php */
export interface LeftPage {
  questions?: Question[];
  rule?: TrialRule[];
  action?: { days?: number };
}

/** app/Pages/OutsidePage.php */
export interface HouseholderPage {
  id: string;
  kind: LinkPurpose;
  url: string;
  asked: LeftPage;
  /** By the question, or by the day. */
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

/** app/Pages/OwnerPages.php */
export interface KeptLink {
  id: string;
  kind: LinkPurpose;
  url: string;
  device: string | null;
  open: boolean;
  endsAt: string;
  seenAt: string | null;
  /** Where its tests are reminded of. */
  mail: string | null;
}

/** app/Pages/PapersPage.php */
export interface SignedRecord {
  number: number;
  revision: number;
  signed: string;
  digest: string;
  at: string;
}

/** app/Pages/PapersPage.php */
export interface PapersShown {
  house: { id: string; name: string };
  records: SignedRecord[];
  links: KeptLink[];
}

/** app/Pages/PracticePage.php */
export interface ThemeProgress {
  theme: string;
  done: number;
  right: number;
  minutes: number;
  /** Those of the best roads of the same cases; null where none is worked out yet. */
  best: number | null;
  dangers: number;
}

/** app/Pages/PracticePage.php */
export interface DrillProgress {
  drill: string;
  boxes: number;
  right: number;
  seconds: number;
}

/** app/Pages/PracticePage.php */
export interface Practised {
  themes: ThemeProgress[];
  drills: DrillProgress[];
  /** What stopped cases, and how often. */
  dangers: { danger: string; times: number }[];
}

/** app/Pages/PracticePage.php */
export interface PracticePageShown {
  choices: PracticeChoices;
  own: Practised;
  shows: boolean;
  /** Of the crew, those who show it; null for who is not the owner. */
  crew: { name: string; practised: Practised }[] | null;
  /** Written cases that were done right. */
  solved: string[];
}
