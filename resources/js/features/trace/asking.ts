import type { NextStep, Outlet, Room, RunsPage } from "@/types/pages";
import type { Observation } from "@/types/sent";

/** An observation under way: what is being looked at, and what was seen so far. */
export interface Asking {
  kind: NextStep["kind"];
  /** The breaker or point it is about; null while that is being picked. */
  at: string | null;
  pair: string | null;
  /** Of TEST pressed: dead before, after, and after RESET. */
  stage: "before" | "seen" | "back";
  before: string[];
  dead: string[];
  notBack: string[];
  /** Not looked at on this walk: nothing is said of them. */
  skipped: string[];
}

export function begun(kind: Asking["kind"], at: string | null, pair: string | null = null): Asking {
  return { kind, at, pair, stage: kind === "trip" ? "before" : "seen", before: [], dead: [], notBack: [], skipped: [] };
}

export function ofNext(step: NextStep): Asking {
  return begun(step.kind, step.circuit ?? step.point, step.pair);
}

/** Outlets that may answer: those on the same breaker, and those of which no breaker is known. Room by room, as they are walked. */
export function walked(asking: Asking, sheet: RunsPage, rooms: Room[]): { room: Room; outlets: Outlet[] }[] {
  const circuit =
    asking.at === null
      ? null
      : sheet.circuits.some((run) => run.id === asking.at)
        ? asking.at
        : (sheet.outlets[asking.at]?.circuit ?? null);
  const may = (id: string) => {
    const known = sheet.outlets[id]?.circuit ?? null;
    return circuit === null || known === null || known === circuit;
  };
  const among = (asked: (id: string) => boolean) =>
    rooms
      .map((room) => ({ room, outlets: room.outlets.filter((outlet) => may(outlet.id) && asked(outlet.id)) }))
      .filter(({ outlets }) => outlets.length > 0);
  // A breaker kills what is known to hang on it: only the others are worth the walk, where there are any.
  const open = asking.kind === "off" ? among((id) => sheet.outlets[id]?.certain !== true) : [];
  return open.length > 0 ? open : among(() => true);
}

/** What a tap says in the stage that is on: that it is dead, or that nobody has been there. */
export function tapped(asking: Asking, id: string, skips = false): Asking {
  const toggled = (list: string[]) => (list.includes(id) ? list.filter((one) => one !== id) : [...list, id]);
  const without = (list: string[]) => list.filter((one) => one !== id);
  if (skips)
    return { ...asking, skipped: toggled(asking.skipped), dead: without(asking.dead), before: without(asking.before) };
  const said = { ...asking, skipped: without(asking.skipped) };
  if (asking.stage === "before") return { ...said, before: toggled(asking.before) };
  if (asking.stage === "back") return { ...said, notBack: toggled(asking.notBack) };
  return { ...said, dead: toggled(asking.dead) };
}

/** As it is filed. `rest` are those that were walked past; of those that were not looked at nothing is said. */
export function filed(asking: Asking, rest: string[]): Observation | null {
  const { kind, at, pair, dead, before, notBack, skipped } = asking;
  if (at === null) return null;
  const live = rest.filter(
    (id) => !dead.includes(id) && !before.includes(id) && !skipped.includes(id) && !(kind === "trip" && id === at),
  );
  if (kind === "off") return { kind, circuit: at, dead, live };
  if (kind === "trip") {
    const all = [...new Set([...dead, ...before])];
    return { kind, at, dead: all, live, already_dead: before, back: dead.filter((id) => !notBack.includes(id)) };
  }
  if (kind === "lift" && pair !== null) return { kind, point: at, pair, dead, live };
  return null;
}
