/** Where things stand on a reach ruler: pure layout, in pixels from the left end of the row. */

import type { Outlet, Room } from "@/types/sheet";

export const MARK_GAP = 44;

/** What a door or wall in the path takes to the left of its outlet. */
const CROSSING = 16;

export interface Scale {
  /** Left end of the ruler: the edge of the water. */
  zero: number;
  pxPerFt: number;
  maxFt: number;
}

export interface Place {
  outlet: Outlet;
  /** Centre of the mark. */
  x: number;
  /** Kept free to the left of the mark, for what its path crosses. */
  clear: number;
  /** Where its distance really is, when the mark had to make way. */
  trueX: number;
  ft: number | null;
}

export interface RoomLayout {
  /** Marks on the ruler, then marks on the shelf; the shelf begins where the ruler ends. */
  places: Place[];
  onRuler: boolean;
  /** Left end of the shelf of outlets that nobody measured, null when there is none. */
  shelf: number | null;
}

/** A ruler long enough for the farthest measured outlet, in whole even feet, within reason. */
export function scaleFor(rooms: Room[], zero: number, width: number): Scale {
  const farthest = Math.max(
    0,
    ...rooms.flatMap((room) => room.outlets.flatMap((o) => o.distances.slice(0, 1).map((d) => d.ft))),
  );
  const maxFt = Math.min(20, Math.max(8, Math.ceil((farthest + 0.5) / 2) * 2));
  return { zero, pxPerFt: (width - zero - MARK_GAP / 2) / maxFt, maxFt };
}

export function layOut(room: Room, scale: Scale, width: number): RoomLayout {
  const drawn = drawnOutlets(room);
  const measured = drawn.filter((o) => o.distances.length > 0);
  const rest = drawn.slice(measured.length);
  if (measured.length === 0) {
    return {
      places: rest.map((outlet, i) => onShelf(outlet, scale.zero + MARK_GAP * (i + 0.75))),
      onRuler: false,
      shelf: null,
    };
  }
  const end = width - MARK_GAP / 2;
  const limit = end - rest.length * MARK_GAP;
  const onLine = measured.map((outlet) => {
    const ft = firstFt(outlet);
    const trueX = Math.min(scale.zero + ft * scale.pxPerFt, end);
    return { outlet, x: trueX, clear: outlet.distances[0]?.crosses === "none" ? 0 : CROSSING, trueX, ft };
  });
  spread(onLine, scale.zero + MARK_GAP * 0.6, limit);
  const last = onLine[onLine.length - 1];
  const shelf = rest.length === 0 || !last ? null : Math.max(limit + MARK_GAP * 0.25, last.x + MARK_GAP * 0.6);
  const onRest = rest.map((outlet, i) => onShelf(outlet, (shelf ?? 0) + MARK_GAP * (i + 0.6)));
  return { places: [...onLine, ...onRest], onRuler: true, shelf };
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
    ...measured.sort((a, b) => firstFt(a) - firstFt(b)),
    ...room.outlets.filter((outlet) => outlet.distances.length === 0),
  ];
}

export function isMeasured(room: Room): boolean {
  return room.outlets.some((outlet) => outlet.distances.length > 0);
}

function firstFt(outlet: Outlet): number {
  return outlet.distances[0]?.ft ?? 0;
}

function onShelf(outlet: Outlet, x: number): Place {
  return { outlet, x, clear: 0, trueX: x, ft: null };
}
