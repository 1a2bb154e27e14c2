import type { Unit } from "@/lib/length";
import type { LeakageLevel, Run, RunsPage } from "@/types/pages";
import { closedRun } from "./closedRun";
import { openedRun } from "./openedRun";
import { inOneLine, place } from "./tree";

/*
 * Where everything on the runs drawing stands, in pixels. Each circuit is one line from its breaker. Closed, all its outlets stand on that
 * line; opened, what branches off goes to a line of its own below, with lengths, leakage and what is wrong in words. Nothing is placed by
 * hand, so the same house always looks the same; and every word has a place that nothing else may take.
 */

export const LABEL = { width: 118, height: 38 };
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
  /** Where that stands, below the mark. */
  wrongAt: number;
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
  /** How wide the enclosure is drawn. */
  width: number;
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
  opened: boolean;
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

/** Which runs are opened: some, or all of them. */
export type Opened = ReadonlySet<string> | "all";

export function layOutRuns(
  sheet: RunsPage,
  homes: Map<string, Home>,
  wanted: number,
  opened: Opened,
  unit: Unit,
): Drawing {
  const isOpen = (run: Run) => opened === "all" || opened.has(run.id);
  const open = sheet.circuits.filter(isOpen);
  const deepest = Math.max(
    1,
    ...open.map((run) => Math.max(run.loose.length, ...place(run).map((one) => one.column + 1))),
  );
  const half = Math.floor((wanted - GAP) / 2);
  const blocks = sheet.circuits.map((run) =>
    isOpen(run)
      ? openedRun(run, place(run), sheet, homes, { width: wanted, deepest, unit })
      : closedRun(run, inOneLine(run), sheet, homes, { half, whole: wanted }),
  );
  const width = Math.max(wanted, ...blocks.map((block) => block.width));
  const y = stack(blocks, Math.floor((width - GAP) / 2));
  const perRow = Math.max(1, Math.floor((width - HALF) / UNPLACED.step));
  const unplaced = sheet.unplaced.map((id, index) => ({
    id,
    x: UNPLACED.step / 2 + (index % perRow) * UNPLACED.step,
    y: y + UNPLACED.head + 26 + Math.floor(index / perRow) * UNPLACED.row,
    wrong: null,
    wrongAt: 0,
  }));
  const rows = Math.ceil(unplaced.length / perRow);
  const below = rows === 0 ? 0 : UNPLACED.head + rows * UNPLACED.row + 12;
  return { width, height: y + below, runs: blocks, unplaced, unplacedAt: y };
}

/** Outlets on no known breaker, in rows of their own below the runs. */
const UNPLACED = { step: 50, row: 54, head: 26 };

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
