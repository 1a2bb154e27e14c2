import { lazy } from "react";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import type { Workspace } from "./useWorkspace";

// What is not seen at first is not loaded at first.
const RunsView = lazy(async () => ({ default: (await import("@/features/runs/RunsView")).RunsView }));
const CallView = lazy(async () => ({ default: (await import("@/features/trips/CallView")).CallView }));
const TripsView = lazy(async () => ({ default: (await import("@/features/trips/TripsView")).TripsView }));
const FindingsList = lazy(async () => ({ default: (await import("@/features/findings/FindingsList")).FindingsList }));

/** The view that is chosen: the rooms, the runs, what is found, or the call. Some of them are fetched when they are first wanted. */
export function Drawing({ work }: { work: Workspace }) {
  const { house, view, selected, select, protection, trips, runs } = work;
  const { sheet } = house;
  if (view === "call") return <CallView house={sheet} trips={trips} onTrips={() => work.setView("trips")} />;
  if (view === "trips")
    return <TripsView trips={trips} onCall={() => work.setView("call")} onSelect={select} onBox={work.openBox} />;
  if (sheet.rooms.length === 0)
    return (
      <p className="max-w-prose border-t border-hair py-6 text-lg">
        Nothing is surveyed here yet. Say the room you stand in on the line below: its code, what it is, and its water,
        as in <span className="code">K1 kit sink</span>. Then its outlets, one line each.
      </p>
    );
  if (view === "rooms")
    return (
      <RoomsDrawing
        rooms={sheet.rooms}
        unit={sheet.house.unit}
        protection={protection}
        selected={selected}
        onSelect={select}
        onArrange={house.arrange}
      />
    );
  if (view === "runs")
    return (
      <RunsView
        house={sheet}
        runs={runs}
        protection={protection}
        selected={selected}
        onSelect={select}
        onTurn={house.turn}
        asking={work.asking}
        onAsking={work.ask}
        onBox={work.openBox}
      />
    );
  return <FindingsList house={house} onSelect={select} />;
}
