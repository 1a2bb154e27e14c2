import type { Run, RunsPage } from "@/types/pages";
import { type Bracket, HALF, type Home, LABEL, type RunLayout, type Spot, type Stretch } from "./layout";
import { shortened, widthOf } from "./texts";
import { goesPast, type Placed } from "./tree";

/*
 * A run that is not opened: one line of plates, so that the whole house stands on one screen. What branches off comes after what goes on,
 * with a thread below to where it leaves. Words are for the rooms alone.
 */

const LEAD = 26;
const STEP = 34;
/** Closer than this plates touch. */
const LEAST = 27;
const ROW = 50;
const MID = 30;
const ROOM = { size: 10, y: 8 };
/** From the middle of a plate to the thread of what branches off. */
const BELOW = 17.5;

interface Space {
  /** Beside another run, or over the whole drawing. */
  half: number;
  whole: number;
}

export function closedRun(
  run: Run,
  placed: Placed[],
  sheet: RunsPage,
  homes: Map<string, Home>,
  space: Space,
): RunLayout {
  const ids = [...placed.map((one) => one.node.id), ...run.loose];
  const needed = (step: number) => LABEL.width + LEAD + ids.length * step;
  const step =
    needed(STEP) <= space.half ? STEP : needed(LEAST) <= space.half ? squeezed(ids.length, space.half) : STEP;
  const perLane = Math.max(1, Math.floor((space.whole - LABEL.width - LEAD - 4) / step));
  const x = (at: number) => LABEL.width + LEAD + (at % perLane) * step + step / 2;
  const y = (at: number) => MID + Math.floor(at / perLane) * ROW;
  const lanes = Math.max(1, Math.ceil(ids.length / perLane));
  const nothing = { x: LABEL.width + 16, y: MID + 4, text: "nothing is known on it", tone: "plain" } as const;
  const spots: Spot[] = ids.map((id, at) => ({ id, x: x(at), y: y(at), wrong: null, wrongAt: 0 }));
  return {
    run,
    opened: false,
    x: 0,
    y: 0,
    width:
      ids.length === 0
        ? nothing.x + widthOf(nothing.text, 11.5) + 6
        : LABEL.width + LEAD + Math.min(ids.length, perLane) * step + 4,
    height: lanes * ROW,
    mid: MID,
    spots,
    lines: [
      ...placed.map((one) => thread(one, sheet, x, y)),
      ...(run.loose.length === 0 ? [] : [looseThread(placed.length, ids.length, x, y)]),
    ],
    stretches: enclosures(run, placed, sheet, x, y),
    brackets: rooms(ids, homes, x, y, step),
    notes: ids.length === 0 ? [nothing] : [],
  };
}

function squeezed(count: number, width: number): number {
  return Math.floor((width - LABEL.width - LEAD - 4) / count);
}

type At = (index: number) => number;

function thread(spot: Placed, sheet: RunsPage, x: At, y: At) {
  const { node, parent, column } = spot;
  const from = parent?.column ?? -1;
  const fromX = parent === null ? LABEL.width : x(from);
  const fromY = parent === null ? MID : y(from);
  const straight = from === column - 1 && fromY === y(column);
  return {
    key: node.id,
    d: straight
      ? `M${fromX} ${fromY}H${x(column)}`
      : parent === null
        ? `M${LABEL.width + 10} ${MID}V${y(column) + BELOW}H${x(column)}V${y(column)}`
        : [
            `M${fromX} ${fromY}V${fromY + BELOW}`,
            fromY === y(column) ? "" : `H${LABEL.width + 14}V${y(column) + BELOW}`,
            `H${x(column)}V${y(column)}`,
          ].join(""),
    certain: node.certain,
    past: goesPast(spot, sheet),
    text: null,
    at: { x: 0, y: 0 },
  };
}

/** On it in no known order: dashed from the breaker. */
function looseThread(first: number, count: number, x: At, y: At) {
  const lanes: string[] = [];
  for (let at = first; at < count; at++) {
    const begins = at === first || y(at) !== y(at - 1);
    if (begins) lanes.push(`M${first === 0 && at === 0 ? LABEL.width : x(at) - HALF} ${y(at)}`);
    lanes.push(`H${x(at)}`);
  }
  return { key: "loose", d: lanes.join(""), certain: false, past: false, text: null, at: { x: 0, y: 0 } };
}

/** What each device or the breaker protects: the plates that stand together, in one enclosure. */
function enclosures(run: Run, placed: Placed[], sheet: RunsPage, x: At, y: At): Stretch[] {
  const guards = [run.id, ...placed.map((one) => one.node.id).filter((id) => sheet.outlets[id]?.protects)];
  return guards.flatMap((by) => {
    const inside = placed.filter((one) => one.node.id === by || sheet.outlets[one.node.id]?.protectedBy.includes(by));
    const parts: string[] = [];
    let last: Placed | null = null;
    for (const one of inside) {
      const goesOn = last !== null && one.column === last.column + 1 && y(one.column) === y(last.column);
      parts.push(goesOn ? `H${x(one.column)}` : `M${x(one.column)} ${y(one.column)}h0.5`);
      last = one;
    }
    const nested = sheet.outlets[by]?.nested === true;
    return parts.length === 0 ? [] : [{ by, d: parts.join(""), nested, width: nested ? 30 : 34 }];
  });
}

/** The room above the first plate of each stretch that lies in one; by its code where its name has no room. */
function rooms(ids: string[], homes: Map<string, Home>, x: At, y: At, step: number): Bracket[] {
  const found: Bracket[] = [];
  let first = 0;
  for (let at = 1; at <= ids.length; at++) {
    const home = homes.get(ids[first] ?? "");
    const same = at < ids.length && homes.get(ids[at] ?? "")?.roomCode === home?.roomCode && y(at) === y(first);
    if (same) continue;
    if (home) {
      const room = (at - first) * step - 6;
      const name = shortened(home.room, room, ROOM.size);
      const text = name === home.room ? name : shortened(home.roomCode, room, ROOM.size);
      found.push({ x1: x(first) - step / 2 + 3, x2: x(at - 1) + step / 2 - 3, y: y(first) - MID + ROOM.y + 3, text });
    }
    first = at;
  }
  return found;
}
