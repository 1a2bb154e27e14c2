import { useCallback, useEffect, useMemo, useState } from "react";
import { useDecide } from "@/features/decide/useDecide";
import { useHouse } from "@/features/house/useHouse";
import { usePulse } from "@/features/live/usePulse";
import { useRound } from "@/features/prove/useRound";
import { drawnOutlets, drawnRooms } from "@/features/rooms/ruler";
import { useRuns } from "@/features/runs/useRuns";
import { useAsking } from "@/features/trace/useAsking";
import { lookingAt } from "@/features/trips/looking";
import { useTrips } from "@/features/trips/useTrips";
import { useWide } from "@/lib/useWide";
import type { ConcernShown, JudgedPage, Outlet, Room } from "@/types/pages";
import type { Protection } from "@/types/sent";
import type { Beside, Job } from "./address";
import { useAddress } from "./useAddress";

export type Workspace = ReturnType<typeof useWorkspace>;

/** The house in hand, the outlet that is looked at, which job is on, and what stands beside the drawing. */
export function useWorkspace(initial: JudgedPage, user: string) {
  const house = useHouse(initial, user);
  const { sheet } = house;
  const hunt = usePulse(house);
  const outlets = useMemo(() => drawnRooms(sheet.rooms).flatMap(drawnOutlets), [sheet.rooms]);
  const address = useAddress(sheet.house.id);
  const { sight, go, swap, close } = address;
  const { job } = sight;
  const outlet = byCode<Outlet>(outlets, sight.code);
  const room = outlet === null ? byCode<Room>(sheet.rooms, sight.code) : null;
  const selected = outlet?.id ?? null;
  // Beside the runs and the tests stands the next step, until an outlet is picked.
  const beside: Beside = outlet === null ? "next" : sight.beside;
  const [protection, setProtection] = useState<Protection>("gfci");
  const isCall = job === "call" || job === "trips";
  const runs = useRuns(house, job === "trace");
  const decide = useDecide(house, job === "decide");
  const round = useRound(house, job === "prove");
  const [picked, pickSuspect] = useState<string | null>(null);
  const hasCall = sheet.house.call !== null;
  const trips = useTrips(house, isCall || (hasCall && (picked !== null || beside === "box" || job === "decide")));
  /** What it would look like if a suspect of the open call were it; null while no call is open. */
  const looking = hasCall ? lookingAt(trips, picked, pickSuspect) : null;
  const [asking, ask] = useAsking(sheet.house.id);
  const wide = useWide();

  const codeOf = useCallback((id: string) => outlets.find((one) => one.id === id)?.code ?? id, [outlets]);
  const select = useCallback(
    (id: string | null) => {
      if (id === null) close({ code: null, beside: "outlet" });
      // From outlet to outlet what stands beside stays what it is.
      else if (selected === null || sight.beside === "next") go({ code: codeOf(id), beside: "outlet" });
      else swap({ code: codeOf(id) });
    },
    [close, go, swap, codeOf, selected, sight.beside],
  );
  const step = useCallback(
    (by: 1 | -1) => {
      const at = outlets.findIndex((one) => one.id === selected);
      const next = outlets[(at + by + outlets.length) % outlets.length];
      if (next) select(next.id);
    },
    [outlets, selected, select],
  );
  useEffect(() => {
    const mark = selected === null ? room && `room-${room.id}` : `mark-${selected}`;
    if (mark !== null) document.getElementById(mark)?.scrollIntoView({ block: "nearest" });
  }, [selected, room]);

  /** To another job. At a desk what is selected stays selected; on a phone it would cover the drawing. */
  const goTo = useCallback(
    (next: Job, shown = false) => {
      const there = next === "survey" ? "outlet" : "next";
      go({ job: next, found: shown, beside: there, ...(wide ? {} : { code: null }) });
    },
    [go, wide],
  );
  /** The outlet that stands for a concern: the first it shows at, in the order of the rooms. */
  const firstOf = (concern: ConcernShown) => outlets.find((one) => concern.points.includes(one.id)) ?? null;

  return {
    house,
    hunt,
    outlets,
    outlet,
    selected,
    /** A code that the address asks for and the house does not have. */
    unknown: outlet === null && room === null ? sight.code : null,
    /** The room that is looked at as a whole. */
    room,
    select,
    lookAtRoom: useCallback(
      (code: string | null) => (code === null ? close({ code: null }) : go({ code })),
      [go, close],
    ),
    /** A room in the drawing, with the survey around it. */
    showRoom: useCallback(
      (id: string) => {
        go({ job: "survey", found: false, code: null, beside: "outlet" });
        requestAnimationFrame(() => document.getElementById(`room-${id}`)?.scrollIntoView({ block: "center" }));
      },
      [go],
    ),
    step,
    job,
    found: sight.found,
    goTo,
    firstOf,
    /** To what was found: its first outlet; what is at none stands in the list of all that was found. */
    openConcern: (concern: ConcernShown) => {
      const first = firstOf(concern);
      if (first) select(first.id);
      else goTo("survey", true);
    },
    isCall,
    hasCall,
    beside,
    putBeside: useCallback((next: Beside) => swap({ beside: next }), [swap]),
    openBox: useCallback((id: string) => go({ code: codeOf(id), beside: "box" }), [go, codeOf]),
    /** What feeds an outlet: its run, with the outlet in it. */
    showRun: useCallback(
      (id: string) => go({ job: "trace", found: false, code: codeOf(id), beside: wide ? "outlet" : "next" }),
      [go, codeOf, wide],
    ),
    /** What it would look like if a suspect were it, in the runs. */
    lookAt: useCallback(
      (suspect: string) => {
        pickSuspect(suspect);
        go({ job: "trace", found: false, beside: "next", ...(wide ? {} : { code: null }) });
      },
      [go, wide],
    ),
    protection,
    setProtection,
    runs,
    decide,
    round,
    trips,
    looking,
    asking,
    ask,
    wide,
  };
}

/** By its code, capitals or not, or by one it had before; one that was entered just now by its id, before its code is here. */
export function byCode<T extends { id: string; code: string; formerCodes: string[] }>(
  all: T[],
  code: string | null,
): T | null {
  if (code === null) return null;
  const wanted = code.toLowerCase();
  return (
    all.find((one) => one.code.toLowerCase() === wanted) ??
    all.find((one) => one.formerCodes.some((former) => former.toLowerCase() === wanted)) ??
    all.find((one) => one.id === code) ??
    null
  );
}
