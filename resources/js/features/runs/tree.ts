/** A run as a tree of places: which line each outlet stands on, and which column. Pure. */

import type { Run, RunNode, RunsPage } from "@/types/pages";

export interface Placed {
  node: RunNode;
  parent: Placed | null;
  column: number;
  row: number;
}

/** Columns in feed order along a line; a branch begins a line of its own below everything that hangs on the line it leaves. */
export function place(run: Run): Placed[] {
  const all: Placed[] = [];
  let rows = 0;
  const walk = (node: RunNode, parent: Placed | null, column: number, row: number) => {
    rows = Math.max(rows, row + 1);
    const here = { node, parent, column, row };
    all.push(here);
    const [main, ...others] = ordered(node);
    if (main) walk(main, here, column + 1, row);
    for (const branch of others) walk(branch, here, column + 1, rows);
  };
  for (const root of run.runs) walk(root, null, 0, rows);
  return all;
}

/** The same outlets one after the other: what goes on along the line first, then what branches off. */
export function inOneLine(run: Run): Placed[] {
  const all: Placed[] = [];
  const walk = (node: RunNode, parent: Placed | null) => {
    const here = { node, parent, column: all.length, row: 0 };
    all.push(here);
    for (const child of ordered(node)) walk(child, here);
  };
  for (const root of run.runs) walk(root, null);
  return all;
}

/** Fed from a box with a device that protects, and not by its LOAD. */
export function goesPast({ node, parent }: Placed, sheet: RunsPage): boolean {
  const guard = parent === null ? undefined : sheet.outlets[parent.node.id];
  return guard?.protects === true && (node.leaves === "line" || node.leaves === "mixed");
}

/** What goes on along the line rather than branch off: the protected stretch first, then the longest. */
function ordered(node: RunNode): RunNode[] {
  return [...node.children].sort((one, other) => weight(other) - weight(one));
}

function weight(node: RunNode): number {
  return size(node) + (node.leaves === "load" ? 1000 : 0);
}

function size(node: RunNode): number {
  return 1 + node.children.reduce((sum, child) => sum + size(child), 0);
}
