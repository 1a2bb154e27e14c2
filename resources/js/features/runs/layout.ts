import type { LeakageLevel, Run, RunNode, RunsPage } from "@/types/pages";

/*
 * Where everything on the runs drawing stands, in pixels. Each circuit is one line from its breaker; what branches off goes to a line of
 * its own below. Nothing is placed by hand, so the same house always looks the same.
 */

export const LABEL = { width: 118, height: 38 };
/** From the breaker to the first outlet: room for the length and gauge of the home run. */
const LEAD = 76;
const ROW = 72;
const HEAD = 24;
const FOOT = 38;
const GAP = 26;
/** Half a plate. */
export const HALF = 11;

export interface Home {
  code: string;
  room: string;
  roomCode: string;
}

export interface Spot {
  id: string;
  x: number;
  y: number;
  /** What is wrong with it, in a word or two: fed on the wrong end, a light that a trip puts out. */
  wrong: string | null;
  leakage?: LeakageLevel | null;
}

export interface Line {
  key: string;
  d: string;
  certain: boolean;
  /** It leaves a protective device without being protected by it. */
  past: boolean;
  text: string | null;
  at: { x: number; y: number };
}

export interface Stretch {
  by: string;
  d: string;
  nested: boolean;
}

export interface Bracket {
  x1: number;
  x2: number;
  y: number;
  text: string;
}

export interface Note {
  x: number;
  y: number;
  text: string;
  tone: "bare" | "advised" | "plain";
}

export interface RunLayout {
  run: Run;
  x: number;
  y: number;
  width: number;
  height: number;
  /** The middle of the first line. */
  mid: number;
  spots: Spot[];
  lines: Line[];
  stretches: Stretch[];
  brackets: Bracket[];
  notes: Note[];
}

export interface Drawing {
  width: number;
  height: number;
  runs: RunLayout[];
  unplaced: Spot[];
  unplacedAt: number;
}

interface Placed {
  node: RunNode;
  parent: Placed | null;
  column: number;
  row: number;
}

export function layOutRuns(sheet: RunsPage, homes: Map<string, Home>, wanted: number): Drawing {
  const placed = new Map(sheet.circuits.map((run) => [run.id, place(run)]));
  const deepest = Math.max(1, ...sheet.circuits.map((run) => columns(run, placed.get(run.id) ?? [])));
  const step = Math.max(50, Math.min(76, (wanted - LABEL.width - LEAD - 20) / deepest));
  const blocks = sheet.circuits.map((run) => drawn(run, placed.get(run.id) ?? [], sheet, homes, step));
  const width = Math.max(wanted, ...blocks.map((block) => block.width));
  const half = Math.floor((width - GAP) / 2);
  const y = stack(blocks, half);
  const perRow = Math.max(1, Math.floor((width - HALF) / step));
  const unplaced = sheet.unplaced.map((id, index) => ({
    id,
    x: step / 2 + (index % perRow) * step,
    y: y + HEAD + 34 + Math.floor(index / perRow) * ROW,
    wrong: null,
  }));
  const rows = Math.ceil(unplaced.length / perRow);
  return { width, height: y + (rows === 0 ? 0 : HEAD + rows * ROW + 20), runs: blocks, unplaced, unplacedAt: y };
}

/** One below the other, two short ones side by side; answers how high they stand together. */
function stack(blocks: RunLayout[], half: number): number {
  let y = 0;
  for (let at = 0; at < blocks.length; at++) {
    const block = blocks[at] as RunLayout;
    const next = blocks[at + 1];
    block.y = y;
    const beside = next && block.width <= half && next.width <= half ? next : null;
    if (beside) {
      beside.x = half + GAP;
      beside.y = y;
      at++;
    }
    y += Math.max(block.height, beside?.height ?? 0);
  }
  return y;
}

/** Columns in feed order along a line; a branch begins a line of its own below everything that hangs on the line it leaves. */
function place(run: Run): Placed[] {
  const all: Placed[] = [];
  let rows = 0;
  const walk = (node: RunNode, parent: Placed | null, column: number, row: number) => {
    rows = Math.max(rows, row + 1);
    const here = { node, parent, column, row };
    all.push(here);
    const [main, ...others] = [...node.children].sort((one, other) => weight(other) - weight(one));
    if (main) walk(main, here, column + 1, row);
    for (const branch of others) walk(branch, here, column + 1, rows);
  };
  for (const root of run.runs) walk(root, null, 0, rows);
  return all;
}

/** What goes on along the line rather than branch off: the protected stretch first, then the longest. */
function weight(node: RunNode): number {
  return size(node) + (node.leaves === "load" ? 1000 : 0);
}

function size(node: RunNode): number {
  return 1 + node.children.reduce((sum, child) => sum + size(child), 0);
}

function columns(run: Run, placed: Placed[]): number {
  return Math.max(run.loose.length, ...placed.map((spot) => spot.column + 1), 1);
}

function drawn(run: Run, placed: Placed[], sheet: RunsPage, homes: Map<string, Home>, step: number): RunLayout {
  const mid = HEAD + 26;
  const rows = Math.max(1, ...placed.map((spot) => spot.row + 1));
  const x = (column: number) => LABEL.width + LEAD + column * step;
  const y = (row: number) => mid + row * ROW;
  const spots: Spot[] = placed.map(({ node, column, row }) => ({
    id: node.id,
    x: x(column),
    y: y(row),
    wrong: wrongWith(node, sheet, run),
    leakage: sheet.outlets[node.id]?.leakage ?? null,
  }));
  const looseY = placed.length === 0 ? mid : y(rows);
  const loose: Spot[] = run.loose.map((id, index) => ({ id, x: x(index), y: looseY, wrong: null }));
  const lines = placed.map((spot) => line(spot, sheet, x, y, mid));
  if (loose.length > 0) {
    lines.push({
      key: "loose",
      d: `M${LABEL.width - 14} ${placed.length === 0 ? mid : mid + LABEL.height / 2}V${looseY}H${(loose.at(-1)?.x ?? 0) + HALF}`,
      certain: false,
      past: false,
      text: null,
      at: { x: 0, y: 0 },
    });
  }
  const notes: Note[] = [];
  const end = (row: number) => Math.max(...placed.filter((spot) => spot.row === row).map((spot) => x(spot.column)), 0);
  if (placed.some((spot) => !spot.node.certain))
    notes.push({ x: end(0) + 24, y: mid + 4, text: "order guessed", tone: "plain" });
  const nested = placed.find((spot) => sheet.outlets[spot.node.id]?.nested);
  if (nested)
    notes.push({
      x: end(nested.row) + 28,
      y: y(nested.row) + 4,
      text: "device inside a protected stretch",
      tone: "advised",
    });
  if (loose.length > 0)
    notes.push({ x: x(loose.length - 1) + 24, y: looseY + 4, text: "order not known", tone: "plain" });
  if (placed.length + loose.length === 0)
    notes.push({ x: LABEL.width + 16, y: mid + 4, text: "nothing is known on it", tone: "plain" });
  if (run.shared) {
    notes.push({ x: 2, y: mid + LABEL.height / 2 + 15, ...sharing(run.shared) });
    if (placed.length > 0) lines.push(neutral(mid, x(0)));
  }
  const all = [...spots, ...loose];
  const right = Math.max(
    ...all.map((spot) => spot.x + 30),
    ...notes.map((note) => note.x + note.text.length * 5.6),
    LABEL.width,
  );
  return {
    run,
    x: 0,
    y: 0,
    width: right,
    height: HEAD + (rows - 1 + (loose.length > 0 && placed.length > 0 ? 1 : 0)) * ROW + 26 + FOOT,
    mid,
    spots: all,
    lines,
    stretches: stretches(run, placed, sheet, x, y, mid),
    brackets: [
      ...brackets(placed, homes, x, y, step),
      ...brackets(
        run.loose.map((id, column) => ({ node: { id } as RunNode, parent: null, column, row: 0 })),
        homes,
        x,
        () => looseY,
        step,
      ),
    ],
    notes,
  };
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

function wrongWith(node: RunNode, sheet: RunsPage, run: Run): string | null {
  if (node.wiring === "reversed") return "fed on LOAD";
  if (node.wiring === "split") return "split feed";
  const outlet = sheet.outlets[node.id];
  return outlet?.isLight && outlet.protectedBy.some((by) => by !== run.id) ? "dark on a trip" : null;
}

type At = (index: number) => number;

function line(spot: Placed, sheet: RunsPage, x: At, y: At, mid: number): Line {
  const { node, parent, column, row } = spot;
  const from = parent === null ? LABEL.width : x(parent.column);
  const fromY = parent === null ? mid : y(parent.row);
  const branches = fromY !== y(row);
  const d = branches
    ? `M${parent === null ? LABEL.width + 12 : from} ${fromY}V${y(row)}H${x(column)}`
    : `M${from} ${fromY}H${x(column)}`;
  const guard = parent === null ? undefined : sheet.outlets[parent.node.id];
  const past = guard?.protects === true && (node.leaves === "line" || node.leaves === "mixed");
  const said =
    past && node.leaves === "mixed" ? "split pair" : past && branches ? "spliced past" : length(node, parent);
  return {
    key: node.id,
    d,
    certain: node.certain,
    past,
    text: said,
    at: { x: (x(column) - (parent ? x(1) - x(0) : LEAD) + x(column) + (parent ? 0 : -HALF)) / 2, y: y(row) + 15 },
  };
}

/** Feet, and the gauge where it is not that of the run before. */
function length({ cable }: RunNode, parent: Placed | null): string | null {
  if (!cable) return null;
  const gauge = parent?.node.cable?.awg === cable.awg ? "" : `${cable.awg} AWG`;
  return (
    [cable.ft === null ? "" : `${Math.round(cable.ft)} ft`, gauge].filter((part) => part !== "").join(", ") || null
  );
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
    return [{ by, d: d.join(""), nested: device !== undefined && sheet.outlets[by]?.nested === true }];
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
    const text = open.home.room.length * 5.7 > room ? open.home.roomCode : open.home.room;
    found.push({ x1: x(open.first) - HALF - 4, x2: x(open.last) + HALF + 4, y: y(open.row) - 29, text });
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
