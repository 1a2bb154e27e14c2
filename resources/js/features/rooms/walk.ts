/** The order of the walk through the house: pure. */

import type { Arrange } from "@/features/house/requests";
import type { Room } from "@/types/pages";
import { isMeasured } from "./ruler";

/**
 * What a part has to be put before to move one place along its list: the id of another, null for the end of the list, undefined
 * when it cannot move that way.
 */
export function neighbour(list: { id: string }[], id: string, by: 1 | -1): string | null | undefined {
  const at = list.findIndex((one) => one.id === id);
  if (at < 0 || list[at + by] === undefined) return undefined;
  return (by === -1 ? list[at - 1] : list[at + 2])?.id ?? null;
}

/** The move of an outlet along its room, or of its room along the house; null when it cannot go that way. */
export function arranged(rooms: Room[], outletId: string, what: "areas" | "points", by: 1 | -1): Arrange | null {
  const room = rooms.find((one) => one.outlets.some((outlet) => outlet.id === outletId));
  if (!room) return null;
  const id = what === "areas" ? room.id : outletId;
  const before = neighbour(what === "areas" ? sameGroup(rooms, room) : room.outlets, id, by);
  return before === undefined ? null : { path: `order/${what}`, id, before };
}

/** The rooms that are drawn in one group with this one: a move goes past one that is seen. */
export function sameGroup(rooms: Room[], room: Room): Room[] {
  return rooms.filter((other) => isMeasured(other) === isMeasured(room));
}
