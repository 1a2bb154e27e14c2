import { roughLength, type Unit } from "@/lib/length";
import type { Run, RunNode, RunsPage } from "@/types/pages";
import {
  type Bracket,
  HALF,
  type Home,
  LABEL,
  type Line,
  type Note,
  type RunLayout,
  type Spot,
  type Stretch,
} from "./layout";
import { fitting, shortened, widthOf } from "./texts";
import { goesPast, type Placed } from "./tree";

/*
 * A run that is opened. Each of its lines has bands of its own, from above: the rooms with their brackets, the plates with the lengths
 * between them, what leaks, what is wrong. So no word comes to stand on another.
 */

/** From the breaker to the first outlet: room for the length and gauge of the home run. */
const LEAD = 82;
const STEP = { least: 52, most: 78 };
const ROOMS = 22;
const PLATES = 46;
const LEAKS = 17;
const WRONGS = 14;
const BETWEEN = 8;
const SIZE = { length: 10.5, past: 11, room: 11, wrong: 10.5, note: 11.5 };

interface Space {
  width: number;
  /** How many columns the deepest of the opened runs has. */
  deepest: number;
  unit: Unit;
}

interface Row {
  /** The middle of its plates. */
  mid: number;
  wrongAt: number;
}

export function openedRun(
  run: Run,
  placed: Placed[],
  sheet: RunsPage,
  homes: Map<string, Home>,
  space: Space,
): RunLayout {
  const step = Math.max(STEP.least, Math.min(STEP.most, (space.width - LABEL.width - LEAD - 20) / space.deepest));
  const x = (column: number) => LABEL.width + LEAD + column * step;
  const loosePlaces = run.loose.map((id, column) => ({ node: { id } as RunNode, parent: null, column, row: 0 }));
  const { rows, bottom } = rowsOf(placed, loosePlaces.length > 0, sheet, run);
  const row = (at: number) => rows[at] ?? { mid: ROOMS + PLATES / 2, wrongAt: 0 };
  const mid = row(0).mid;
  const loose = row(placed.length === 0 ? 0 : rows.length - 1);
  const spots: Spot[] = [
    ...placed.map(({ node, column, row: at }) => ({
      id: node.id,
      x: x(column),
      y: row(at).mid,
      wrong: fitting(wrongWith(node, sheet, run), step - 4, SIZE.wrong),
      wrongAt: row(at).wrongAt,
      leakage: sheet.outlets[node.id]?.leakage ?? null,
    })),
    ...loosePlaces.map(({ node, column }) => ({ id: node.id, x: x(column), y: loose.mid, wrong: null, wrongAt: 0 })),
  ];
  const lines = placed.map((spot) => line(spot, sheet, x, (at) => row(at).mid, mid, space.unit));
  if (run.loose.length > 0) lines.push(looseLine(placed.length === 0, mid, loose.mid, x(run.loose.length - 1)));
  if (run.shared && placed.length > 0) lines.push(neutral(mid, x(0)));
  const notes = notesOf(run, placed, sheet, { x, row: (at) => row(at).mid, loose: loose.mid, bottom });
  const right = Math.max(
    LABEL.width,
    ...spots.map((spot) => spot.x + step / 2 + 4),
    ...notes.map((note) => note.x + widthOf(note.text, SIZE.note) + 6),
  );
  return {
    run,
    opened: true,
    x: 0,
    y: 0,
    width: right,
    height: bottom + (run.shared ? 18 : 0) + BETWEEN,
    mid,
    spots,
    lines,
    stretches: stretches(run, placed, sheet, x, (at) => row(at).mid, mid),
    brackets: [
      ...brackets(placed, homes, x, (at) => row(at).mid, step),
      ...brackets(loosePlaces, homes, x, () => loose.mid, step),
    ],
    notes,
  };
}

/** Every line as high as what stands on it. */
function rowsOf(placed: Placed[], loose: boolean, sheet: RunsPage, run: Run): { rows: Row[]; bottom: number } {
  const count =
    Math.max(placed.length === 0 && !loose ? 1 : 0, ...placed.map((spot) => spot.row + 1)) + (loose ? 1 : 0);
  const rows: Row[] = [];
  let y = 0;
  for (let at = 0; at < Math.max(1, count); at++) {
    const here = placed.filter((spot) => spot.row === at);
    const leaks = here.some(({ node }) => (sheet.outlets[node.id]?.leakage?.ma ?? 0) > 0) ? LEAKS : 0;
    const wrongs = here.some(({ node }) => wrongWith(node, sheet, run).length > 0) ? WRONGS : 0;
    const mid = y + ROOMS + PLATES / 2;
    rows.push({ mid, wrongAt: PLATES / 2 + leaks + 10 });
    y += ROOMS + PLATES + leaks + wrongs + BETWEEN;
  }
  return { rows, bottom: y };
}

/** In a word or two, the fullest wording first; none where nothing is. */
function wrongWith(node: RunNode, sheet: RunsPage, run: Run): string[] {
  if (node.wiring === "reversed") return ["fed on LOAD", "on LOAD"];
  if (node.wiring === "split") return ["split feed", "split"];
  const outlet = sheet.outlets[node.id];
  return outlet?.isLight && outlet.protectedBy.some((by) => by !== run.id) ? ["dark on a trip", "dark"] : [];
}

type At = (index: number) => number;

function line(spot: Placed, sheet: RunsPage, x: At, y: At, mid: number, unit: Unit): Line {
  const { node, parent, column, row } = spot;
  const from = parent === null ? LABEL.width : x(parent.column);
  const fromY = parent === null ? mid : y(parent.row);
  const branches = fromY !== y(row);
  const d = branches
    ? `M${parent === null ? LABEL.width + 12 : from} ${fromY}V${y(row)}H${x(column)}`
    : `M${from} ${fromY}H${x(column)}`;
  const past = goesPast(spot, sheet);
  const start = parent === null ? LABEL.width + (branches ? 12 : 0) : from + (branches ? 0 : HALF);
  const room = x(column) - HALF - start - 5;
  const lengths = wordsOfLength(node, parent, unit);
  // What goes past a device says so, or nothing: a length in its colour would say the wrong thing.
  const words = past ? (node.leaves === "mixed" ? ["split pair", "split"] : ["spliced past", "past"]) : lengths;
  const text = fitting(words, room, past ? SIZE.past : SIZE.length);
  return {
    key: node.id,
    d,
    certain: node.certain,
    past,
    text,
    at: { x: (start + x(column) - HALF) / 2, y: y(row) + 15 },
  };
}

/** Feet, and the gauge where it is not that of the run before; the fullest wording first. */
function wordsOfLength({ cable }: RunNode, parent: Placed | null, unit: Unit): (string | null)[] {
  if (!cable) return [];
  const gauge = parent?.node.cable?.awg === cable.awg ? null : `${cable.awg} AWG`;
  const feet = cable.ft === null ? null : roughLength(cable.ft, unit);
  return feet === null || gauge === null ? [feet ?? gauge] : [`${feet}, ${gauge}`, feet];
}

function looseLine(alone: boolean, mid: number, y: number, to: number): Line {
  return {
    key: "loose",
    d: `M${LABEL.width - 14} ${alone ? mid : mid + LABEL.height / 2}V${y}H${to + HALF}`,
    certain: false,
    past: false,
    text: null,
    at: { x: 0, y: 0 },
  };
}

/** The shared neutral beside the hot of the home run. */
function neutral(mid: number, to: number): Line {
  return {
    key: "neutral",
    d: `M${LABEL.width} ${mid + 5}H${to - HALF}`,
    certain: true,
    past: false,
    text: null,
    at: { x: 0, y: 0 },
  };
}

interface Ends {
  x: At;
  row: At;
  loose: number;
  bottom: number;
}

/** What is said of a line stands at its end, one below the other; what is said of the whole run below it. */
function notesOf(run: Run, placed: Placed[], sheet: RunsPage, { x, row, loose, bottom }: Ends): Note[] {
  const end = (at: number) =>
    Math.max(...placed.filter((spot) => spot.row === at).map((spot) => x(spot.column)), 0) + 30;
  const notes: Note[] = [];
  if (placed.some((spot) => !spot.node.certain))
    notes.push({ x: end(0), y: row(0) - 3, text: "order guessed", tone: "plain" });
  const nested = placed.find((spot) => sheet.outlets[spot.node.id]?.nested);
  if (nested)
    notes.push({
      x: end(nested.row),
      y: row(nested.row) + 12,
      text: "device inside a protected stretch",
      tone: "advised",
    });
  if (run.loose.length > 0)
    notes.push({ x: x(run.loose.length - 1) + 30, y: loose + 4, text: "order not known", tone: "plain" });
  if (placed.length + run.loose.length === 0)
    notes.push({ x: LABEL.width + 16, y: row(0) + 4, text: "nothing is known on it", tone: "plain" });
  if (run.shared) notes.push({ x: 2, y: bottom + 8, ...sharing(run.shared) });
  return notes;
}

/** What is said of a neutral two circuits share: one breaker of two poles watches it, one of one pole cannot. */
function sharing({ with: other, by }: NonNullable<Run["shared"]>): Pick<Note, "text" | "tone"> {
  switch (by) {
    case "two_pole":
      return { text: `one two-pole breaker with ${other}, neutral shared`, tone: "plain" };
    case "one_pole":
      return { text: `one pole on a neutral shared with ${other}`, tone: "bare" };
    case "plain":
      return { text: `neutral shared with ${other}`, tone: "plain" };
  }
}

/** A stretch is drawn by the lines it runs along: from the breaker, or from the LOAD side of its device. */
function stretches(run: Run, placed: Placed[], sheet: RunsPage, x: At, y: At, mid: number): Stretch[] {
  const guards = [run.id, ...placed.map((spot) => spot.node.id).filter((id) => sheet.outlets[id]?.protects)];
  return guards.flatMap((by) => {
    const covered = placed.filter((spot) => sheet.outlets[spot.node.id]?.protectedBy.includes(by));
    const device = placed.find((spot) => spot.node.id === by);
    if (!device && covered.length === 0) return [];
    const d = covered.map(({ parent, column, row }) => {
      if (parent === null) return `M${LABEL.width + 23} ${mid}${row === 0 ? "" : `V${y(row)}`}H${x(column)}`;
      const start = x(parent.column) + (parent === device ? HALF : 0);
      return `M${start} ${y(parent.row)}V${y(row)}H${x(column)}`;
    });
    if (device) d.unshift(`M${x(device.column) + HALF - 1} ${y(device.row)}h1`);
    const nested = device !== undefined && sheet.outlets[by]?.nested === true;
    return [{ by, d: d.join(""), nested, width: nested ? 37 : 45 }];
  });
}

/** The rooms along each line: one bracket for each stretch that lies in one room. */
function brackets(placed: Placed[], homes: Map<string, Home>, x: At, y: At, step: number): Bracket[] {
  const found: Bracket[] = [];
  const inOrder = [...placed].sort((one, other) => one.row - other.row || one.column - other.column);
  let open: { home: Home; row: number; first: number; last: number } | null = null;
  const close = () => {
    if (!open) return;
    const room = (open.last - open.first + 1) * step - 10;
    const name = shortened(open.home.room, room, SIZE.room);
    const text = name === open.home.room ? name : shortened(open.home.roomCode, room, SIZE.room);
    found.push({ x1: x(open.first) - HALF - 4, x2: x(open.last) + HALF + 4, y: y(open.row) - PLATES / 2 - 6, text });
    open = null;
  };
  for (const { node, row, column } of inOrder) {
    const home = homes.get(node.id);
    if (!home) continue;
    if (open && open.row === row && open.home.roomCode === home.roomCode && open.last === column - 1)
      open.last = column;
    else {
      close();
      open = { home, row, first: column, last: column };
    }
  }
  close();
  return found;
}
