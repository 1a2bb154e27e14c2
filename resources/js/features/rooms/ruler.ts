/** Where things stand on a reach ruler: pure layout, in pixels from the left end of the row. */

import type { GhostShown, Outlet, Room } from "@/types/pages";

export const MARK_GAP = 44;

/** What a door or wall in the path takes to the left of its outlet. */
const CROSSING = 16;

/** An outlet, or one that the room usually has and nobody has confirmed. */
export type Standing = { key: string; outlet: Outlet; ghost: null } | { key: string; outlet: null; ghost: GhostShown };

export interface Scale {
  /** Left end of the ruler: the edge of the water. */
  zero: number;
  pxPerFt: number;
  maxFt: number;
}

export interface Place {
  what: Standing;
  /** Centre of the mark. */
  x: number;
  /** Which line of the row it stands on. */
  lane: number;
  /** Kept free to the left of the mark, for what its path crosses. */
  clear: number;
  /** Where its distance really is, when the mark had to make way. */
  trueX: number;
  ft: number | null;
}

export interface RoomLayout {
  /** Marks on the ruler, then marks on the shelf of outlets that nobody measured. */
  places: Place[];
  onRuler: boolean;
  /** How many lines the row needs: a narrow screen breaks a full room into several. */
  lanes: Lane[];
}

export interface Lane {
  /** Counted from 0 at the top. */
  number: number;
  /** Left end of the shelf on this line, null when the line is all ruler. */
  shelf: number | null;
}

/** A ruler long enough for the farthest measured outlet, in whole even feet, within reason. */
export function scaleFor(rooms: Room[], zero: number, width: number): Scale {
  const farthest = Math.max(0, ...rooms.flatMap((room) => standingIn(room).map((one) => firstFt(one) ?? 0)));
  const maxFt = Math.min(20, Math.max(8, Math.ceil((farthest + 0.5) / 2) * 2));
  return { zero, pxPerFt: (width - zero - MARK_GAP / 2) / maxFt, maxFt };
}

export function layOut(standing: Standing[], scale: Scale, width: number): RoomLayout {
  const measured = standing
    .filter((one) => firstFt(one) !== null)
    .sort((a, b) => (firstFt(a) ?? 0) - (firstFt(b) ?? 0));
  const rest = standing.filter((one) => firstFt(one) === null);
  const start = scale.zero + MARK_GAP * 0.6;
  const end = width - MARK_GAP / 2;
  const lineWidth = end - start + MARK_GAP;
  const places = measured.map((one) => onRuler(one, scale, end));
  const needed = places.reduce((sum, place) => sum + MARK_GAP + place.clear, 0);
  const rulers = Math.ceil(needed / lineWidth);
  const lanes: Lane[] = Array.from({ length: rulers }, (_, number) => ({ number, shelf: null }));
  const beside = rulers === 1 && needed + rest.length * MARK_GAP <= lineWidth;
  places.forEach((place, i) => {
    place.lane = i % rulers;
  });
  for (let lane = 0; lane < rulers; lane++) {
    const line = places.filter((place) => place.lane === lane);
    spread(line, start, beside ? end - rest.length * MARK_GAP : end);
  }
  const perLane = Math.max(1, Math.floor(lineWidth / MARK_GAP));
  rest.forEach((what, i) => {
    const lane = beside ? 0 : rulers + Math.floor(i / perLane);
    const x = beside ? end - (rest.length - 1 - i) * MARK_GAP : start + (i % perLane) * MARK_GAP;
    lanes[lane] ??= { number: lane, shelf: scale.zero };
    if (beside && i === 0) lanes[lane].shelf = x - MARK_GAP * 0.6;
    places.push({ what, x, lane, clear: 0, trueX: x, ft: null });
  });
  return { places, onRuler: measured.length > 0, lanes: lanes.length > 0 ? lanes : [{ number: 0, shelf: scale.zero }] };
}

function onRuler(what: Standing, scale: Scale, end: number): Place {
  const ft = firstFt(what) ?? 0;
  const x = Math.min(scale.zero + ft * scale.pxPerFt, end);
  const crosses = what.outlet?.distances[0]?.crosses ?? "none";
  return { what, x, lane: 0, clear: crosses === "none" ? 0 : CROSSING, trueX: x, ft };
}

/** Moves marks apart until none overlap, keeping their order: first to the right, then back from the end. */
export function spread(places: { x: number; clear: number }[], start: number, end: number): void {
  let floor = start;
  for (const place of places) {
    place.x = Math.max(place.x, floor + place.clear);
    floor = place.x + MARK_GAP;
  }
  let ceiling = end;
  for (const place of [...places].reverse()) {
    place.x = Math.min(place.x, ceiling);
    ceiling = place.x - place.clear - MARK_GAP;
  }
}

/** The rooms in the order they are drawn: those with a ruler, then the plain shelves. */
export function drawnRooms(rooms: Room[]): Room[] {
  const ruled = rooms.filter(isMeasured);
  return [...ruled, ...rooms.filter((room) => !isMeasured(room))];
}

/** The outlets of a room from left to right: along the ruler, then those that nobody measured. */
export function drawnOutlets(room: Room): Outlet[] {
  const measured = room.outlets.filter((outlet) => outlet.distances.length > 0);
  return [
    ...measured.sort((a, b) => (a.distances[0]?.ft ?? 0) - (b.distances[0]?.ft ?? 0)),
    ...room.outlets.filter((outlet) => outlet.distances.length === 0),
  ];
}

/** What stands in a room: its outlets, and what it usually has. The one in hand stands where the taps have put it. */
export function standingIn(
  room: Room,
  inHand?: { serves: string; ft: number | null; fixture: string | null },
): Standing[] {
  const at = inHand ? room.ghosts.findIndex((ghost) => ghost.serves === inHand.serves) : -1;
  return [
    ...drawnOutlets(room).map((outlet): Standing => ({ key: outlet.id, outlet, ghost: null })),
    ...room.ghosts.map(
      (ghost, i): Standing => ({
        key: `ghost-${i}`,
        outlet: null,
        ghost: inHand && i === at ? { ...ghost, ft: inHand.ft, fixture: inHand.fixture } : ghost,
      }),
    ),
  ];
}

export function isMeasured(room: Room): boolean {
  return standingIn(room).some((one) => firstFt(one) !== null);
}

function firstFt(one: Standing): number | null {
  return one.ghost ? one.ghost.ft : (one.outlet.distances[0]?.ft ?? null);
}
