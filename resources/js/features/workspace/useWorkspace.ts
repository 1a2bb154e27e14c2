import { useCallback, useMemo, useState } from "react";
import { useHouse } from "@/features/house/useHouse";
import { usePulse } from "@/features/live/usePulse";
import { drawnOutlets, drawnRooms } from "@/features/rooms/ruler";
import { useRuns } from "@/features/runs/useRuns";
import type { View } from "@/features/shell/WorkRail";
import { useAsking } from "@/features/trace/useAsking";
import { useTrips } from "@/features/trips/useTrips";
import { useWide } from "@/lib/useWide";
import type { JudgedPage } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { useSelection } from "./useSelection";
import { useView } from "./useView";

/** What stands beside the drawing. */
export type Beside = "trace" | "hunt" | "outlet" | "box" | "measure";

export type Workspace = ReturnType<typeof useWorkspace>;

/** The house in hand, the outlet that is looked at, which view of it, and what stands beside that. */
export function useWorkspace(initial: JudgedPage) {
  const house = useHouse(initial);
  const { sheet } = house;
  const hunt = usePulse(house);
  const outlets = useMemo(() => drawnRooms(sheet.rooms).flatMap(drawnOutlets), [sheet.rooms]);
  const [selected, mark] = useSelection(outlets);
  const [view, goTo] = useView();
  const [beside, putBeside] = useState<Beside>(besides(view));
  const [protection, setProtection] = useState<Protection>("gfci");
  const isCall = view === "call" || view === "trips";
  const runs = useRuns(house, view === "runs");
  const trips = useTrips(house, isCall);
  const [asking, ask] = useAsking(sheet.house.id);
  const select = useCallback(
    (id: string | null) => {
      mark(id);
      if (id !== null) putBeside((before) => (before === "trace" || before === "hunt" ? "outlet" : before));
    },
    [mark],
  );
  const step = useCallback(
    (by: 1 | -1) => {
      const at = outlets.findIndex((o) => o.id === selected);
      const next = outlets[(at + by + outlets.length) % outlets.length];
      if (next) select(next.id);
    },
    [outlets, selected, select],
  );
  return {
    house,
    hunt,
    outlets,
    outlet: outlets.find((o) => o.id === selected) ?? null,
    selected,
    select,
    step,
    view,
    setView: (next: View) => {
      goTo(next);
      putBeside(besides(next));
    },
    isCall,
    beside,
    putBeside,
    openBox: (point: string) => {
      mark(point);
      putBeside("box");
    },
    protection,
    setProtection,
    runs,
    trips,
    asking,
    ask,
    wide: useWide(),
  };
}

/** What stands beside a view at first. */
function besides(view: View): Beside {
  return view === "runs" ? "trace" : view === "trips" ? "hunt" : "outlet";
}
