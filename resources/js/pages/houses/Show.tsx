import { Head } from "@inertiajs/react";
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { May } from "@/features/account/May";
import { SavingNotice } from "@/features/house/SavingNotice";
import { type HouseInHand, useHouse } from "@/features/house/useHouse";
import { Alarms } from "@/features/live/Alarms";
import { HuntBar } from "@/features/live/HuntBar";
import { usePulse } from "@/features/live/usePulse";
import { type OutletChoices, OutletPanel } from "@/features/outlet/OutletPanel";
import { OutletSheet } from "@/features/outlet/OutletSheet";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import { drawnOutlets, drawnRooms } from "@/features/rooms/ruler";
import { VerdictKey } from "@/features/rooms/VerdictKey";
import { arranged } from "@/features/rooms/walk";
import { useRuns } from "@/features/runs/useRuns";
import { HouseShell } from "@/features/shell/HouseShell";
import { LiveBar } from "@/features/shell/LiveBar";
import type { View } from "@/features/shell/WorkRail";
import { QuickEntryBar } from "@/features/survey/QuickEntryBar";
import { useAsking } from "@/features/trace/useAsking";
import { useTrips } from "@/features/trips/useTrips";
import { cn } from "@/lib/cn";
import { useMay } from "@/lib/useMay";
import { useWide } from "@/lib/useWide";
import type { Entered, Glossary } from "@/types/entry";
import type { Jurisdiction } from "@/types/jurisdiction";
import type { JudgedPage, Outlet, Room } from "@/types/pages";
import type { Instrument, Protection } from "@/types/sent";
import { Choose } from "@/ui/Choose";
import { Segments } from "@/ui/Segments";

// What is not seen at first is not loaded at first.
const BoxPanel = lazy(async () => ({ default: (await import("@/features/box/BoxPanel")).BoxPanel }));
const MeasurePanel = lazy(async () => ({ default: (await import("@/features/measure/MeasurePanel")).MeasurePanel }));
const RunsView = lazy(async () => ({ default: (await import("@/features/runs/RunsView")).RunsView }));
const TracePanel = lazy(async () => ({ default: (await import("@/features/trace/TracePanel")).TracePanel }));
const CallView = lazy(async () => ({ default: (await import("@/features/trips/CallView")).CallView }));
const TripsView = lazy(async () => ({ default: (await import("@/features/trips/TripsView")).TripsView }));
const TripsPanel = lazy(async () => ({ default: (await import("@/features/trips/TripsPanel")).TripsPanel }));
const FindingsList = lazy(async () => ({ default: (await import("@/features/findings/FindingsList")).FindingsList }));
const ShorthandHelp = lazy(async () => ({ default: (await import("@/features/survey/ShorthandHelp")).ShorthandHelp }));

interface Props {
  sheet: JudgedPage;
  choices: OutletChoices;
  shorthand: Glossary[];
  instruments: Instrument[];
  jurisdictions: Jurisdiction[];
}

/** What stands beside the drawing. */
type Beside = "trace" | "hunt" | "outlet" | "box" | "measure";

export default function Show({ sheet: initial, choices, shorthand, instruments, jurisdictions }: Props) {
  const house = useHouse(initial);
  const { sheet } = house;
  const hunt = usePulse(house);
  const outlets = useMemo(() => drawnRooms(sheet.rooms).flatMap(drawnOutlets), [sheet.rooms]);
  const [selected, mark] = useSelection(outlets);
  const [view, goTo] = useView();
  const [beside, putBeside] = useState<Beside>(besides(view));
  const [protection, setProtection] = useState<Protection>("gfci");
  const runs = useRuns(house, view === "runs");
  const isCall = view === "call" || view === "trips";
  const trips = useTrips(house, isCall);
  const [asking, ask] = useAsking(sheet.house.id);
  const [help, setHelp] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState("");
  const outlet = outlets.find((o) => o.id === selected) ?? null;
  const entry = useEntry(sheet.rooms, selected);
  const wide = useWide();
  const may = useMay();
  const select = useCallback(
    (id: string | null) => {
      mark(id);
      if (id !== null) putBeside((before) => (before === "trace" || before === "hunt" ? "outlet" : before));
    },
    [mark],
  );
  const setView = (next: View) => {
    goTo(next);
    putBeside(besides(next));
  };
  const openBox = (point: string) => {
    mark(point);
    putBeside("box");
  };
  const step = useCallback(
    (by: 1 | -1) => {
      const at = outlets.findIndex((o) => o.id === selected);
      const next = outlets[(at + by + outlets.length) % outlets.length];
      if (next) select(next.id);
    },
    [outlets, selected, select],
  );
  const move = (what: "areas" | "points", by: 1 | -1) => {
    const change = selected === null ? null : arranged(sheet.rooms, selected, what, by);
    if (change) house.arrange(change);
  };
  useKeys({ step, move, onEntry: () => field.current?.focus(), onHelp: () => setHelp(true) });
  const panel =
    outlet &&
    (beside === "box" ? (
      <Suspense>
        <May what="work">
          <BoxPanel
            key={outlet.id}
            house={house}
            hunt={hunt}
            outlet={outlet}
            onObserve={(seen) => void runs.observe(seen)}
          />
        </May>
      </Suspense>
    ) : beside === "measure" ? (
      <Suspense>
        <May what="work">
          <MeasurePanel key={outlet.id} house={house} outlet={outlet} instruments={instruments} />
        </May>
      </Suspense>
    ) : (
      <OutletPanel
        key={outlet.id}
        house={sheet.house}
        rooms={sheet.rooms}
        outlet={outlet}
        choices={choices}
        instruments={instruments}
        onChange={house.change}
        onRecord={house.record}
        onArrange={house.arrange}
        onLine={(text) => {
          if (!wide) select(null);
          setLine(text);
          field.current?.focus();
        }}
      />
    ));
  const tabs = (
    <div className="mb-3">
      <Segments
        label="Beside the drawing"
        value={beside}
        options={[
          ...(view === "runs" && wide ? [["trace", "Trace"] as [Beside, string]] : []),
          ...(view === "trips" && wide ? [["hunt", "Test"] as [Beside, string]] : []),
          ["outlet", "Outlet"],
          ["box", "Box"],
          ["measure", "Measure"],
        ]}
        onChange={putBeside}
      />
    </div>
  );
  return (
    <HouseShell house={house} hunt={hunt} view={view} onView={setView}>
      <Head title={sheet.house.name} />
      <div
        className={cn(
          "flex min-h-0 min-w-0 flex-1 lg:grid print:block",
          view === "call"
            ? "lg:grid-cols-1"
            : view === "trips"
              ? "lg:grid-cols-[1fr_26rem]"
              : "lg:grid-cols-[1fr_21.75rem]",
        )}
      >
        <main className="flex min-h-0 min-w-0 flex-1 flex-col">
          <div className="min-h-0 flex-1 overflow-y-auto pr-4 pl-5 max-lg:px-3 print:overflow-visible">
            <div
              className={cn(
                "flex flex-wrap items-center gap-x-4 gap-y-1.5 py-2.5 print:hidden",
                ((view === "runs" && asking) || isCall) && "max-lg:hidden",
              )}
            >
              <h1 className="sr-only">{TITLES[view]}</h1>
              <Segments
                label="View"
                value={view}
                options={[
                  ["rooms", "Rooms"],
                  ["runs", "Runs"],
                  ["findings", "Findings"],
                  ["trips", "Trips"],
                ]}
                onChange={setView}
              />
              {!isCall && (wide || view !== "runs") && (
                <JudgedBy house={house} choices={choices} jurisdictions={jurisdictions} />
              )}
              {!isCall && view !== "findings" && (wide || view !== "runs") && (
                <>
                  <Segments
                    label="Protection that is drawn"
                    value={protection}
                    options={[
                      ["gfci", "GFCI"],
                      ["afci", "AFCI"],
                    ]}
                    onChange={setProtection}
                  />
                  <VerdictKey
                    outlets={outlets}
                    className="max-lg:order-3"
                    protection={protection}
                    selected={selected}
                    onSelect={select}
                  />
                </>
              )}
            </div>
            {view === "call" ? (
              <Suspense>
                <CallView house={sheet} trips={trips} onTrips={() => setView("trips")} />
              </Suspense>
            ) : view === "trips" ? (
              <Suspense>
                <TripsView trips={trips} onCall={() => setView("call")} onSelect={select} onBox={openBox} />
              </Suspense>
            ) : sheet.rooms.length === 0 ? (
              <p className="max-w-prose border-t border-hair py-6 text-lg">
                Nothing is surveyed here yet. Say the room you stand in on the line below: its code, what it is, and its
                water, as in <span className="code">K1 kit sink</span>. Then its outlets, one line each.
              </p>
            ) : view === "rooms" ? (
              <RoomsDrawing
                rooms={sheet.rooms}
                unit={sheet.house.unit}
                protection={protection}
                selected={selected}
                onSelect={select}
                onArrange={house.arrange}
              />
            ) : view === "runs" ? (
              <Suspense>
                <RunsView
                  house={sheet}
                  runs={runs}
                  protection={protection}
                  selected={selected}
                  onSelect={select}
                  onTurn={house.turn}
                  asking={asking}
                  onAsking={ask}
                  onBox={openBox}
                />
              </Suspense>
            ) : (
              <Suspense>
                <FindingsList house={house} onSelect={select} />
              </Suspense>
            )}
          </div>
          {may.change && (wide ? view !== "trips" : view !== "runs" && !isCall) && (
            <QuickEntryBar
              house={house}
              field={field}
              line={line}
              onLine={setLine}
              area={entry.area}
              last={entry.last}
              onEntered={(entered) => {
                entry.entered(entered);
                if (entered.in === "points" && wide) select(entered.id);
              }}
              onFound={select}
              onHelp={() => setHelp(true)}
            />
          )}
        </main>
        {wide && view !== "call" && (
          <aside
            aria-label={beside === "trace" ? "The trace" : beside === "hunt" ? "The next test" : "The selected outlet"}
            className="min-h-0 overflow-y-auto border-l-2 border-ink bg-raised px-4.5 py-4 print:hidden"
          >
            {(outlet || view === "runs" || view === "trips") && tabs}
            {beside === "hunt" && view === "trips" ? (
              <Suspense>
                {trips.sheet && (
                  <May what="work">
                    <TripsPanel trips={trips} sheet={trips.sheet} onBox={openBox} />
                  </May>
                )}
              </Suspense>
            ) : beside === "trace" && view === "runs" ? (
              <Suspense>
                {runs.sheet && (
                  <May what="work">
                    <TracePanel
                      runs={runs}
                      sheet={runs.sheet}
                      rooms={sheet.rooms}
                      live={sheet.live}
                      onTurn={house.turn}
                      asking={asking}
                      onAsking={ask}
                      onBox={openBox}
                    />
                  </May>
                )}
              </Suspense>
            ) : (
              (panel ?? (
                <p className="text-ink-2">
                  Pick an outlet in the drawing: what the code asks there, and why, stands here.
                </p>
              ))
            )}
          </aside>
        )}
        {!wide && panel && outlet && (
          <OutletSheet
            above={
              <>
                <LiveBar house={house} />
                <Alarms house={house} />
                <SavingNotice house={house} />
                <HuntBar hunt={hunt} />
              </>
            }
            title={`${outlet.code} ${outlet.name}`}
            onClose={() => select(null)}
            onStep={step}
          >
            {tabs}
            {panel}
          </OutletSheet>
        )}
      </div>
      <Suspense>{help && <ShorthandHelp glossaries={shorthand} onClose={() => setHelp(false)} />}</Suspense>
    </HouseShell>
  );
}

const TITLES: Record<View, string> = {
  call: "Call",
  rooms: "Rooms",
  runs: "Runs",
  trips: "Trips",
  findings: "Findings",
};

/** What stands beside a view at first. */
function besides(view: View): Beside {
  return view === "runs" ? "trace" : view === "trips" ? "hunt" : "outlet";
}

function isView(said: string | null): said is View {
  return said !== null && said in TITLES;
}

/** The view is kept in the address, so that a reload or a link finds it again. */
function useView(): [View, (view: View) => void] {
  const [view, setView] = useState<View>(() => {
    const said = new URLSearchParams(location.search).get("view");
    return isView(said) ? said : "rooms";
  });
  const set = useCallback((next: View) => {
    setView(next);
    history.replaceState(
      history.state,
      "",
      `${location.pathname}${next === "rooms" ? "" : `?view=${next}`}${location.hash}`,
    );
  }, []);
  return [view, set];
}

interface JudgedByProps {
  house: HouseInHand;
  choices: OutletChoices;
  jurisdictions: Jurisdiction[];
}

const PLACE = "place:";

/** By which edition the house is judged, or by which of the crew's jurisdictions, and for which kind of work. */
function JudgedBy({ house, choices, jurisdictions }: JudgedByProps) {
  const head = house.sheet.house;
  const taken = jurisdictions.find((place) => place.name === head.jurisdiction);
  const take = (value: string) => {
    const place = jurisdictions.find((one) => PLACE + one.id === value);
    const code = place
      ? { edition: place.edition, amendments: place.amendments, x: { jurisdiction: place.name } }
      : { edition: value, amendments: null, x: null };
    house.change([{ in: "house", set: { code } }]);
  };
  return (
    <div className="flex items-center gap-2 max-lg:order-2 max-lg:w-full">
      <Choose
        label="Edition it is judged by"
        value={taken ? PLACE + taken.id : head.edition}
        options={[
          ...choices.edition,
          ...jurisdictions.map((place) => ({ value: PLACE + place.id, label: place.name })),
        ]}
        onChange={take}
        className="max-lg:flex-1"
      />
      <Choose
        label="Kind of work"
        value={head.work}
        options={choices.work}
        onChange={(work) => house.change([{ in: "house", set: { work } }])}
        className="max-lg:flex-1"
      />
      {head.coreRulesOnly && <span className="narrow text-sm font-semibold text-advised">core rules only</span>}
    </div>
  );
}

/** Where the next line of quick entry goes on: the room and outlet of the last one, else of the selection. */
function useEntry(rooms: Room[], selected: string | null) {
  const [last, setLast] = useState<Entered | null>(null);
  const home = rooms.find((room) => room.outlets.some((outlet) => outlet.id === selected));
  const area = rooms.find((room) => room.id === last?.area) ?? home ?? null;
  const outlet = last?.in === "points" ? last.id : selected;
  return {
    area: area && { id: area.id, code: area.code },
    last: outlet,
    entered: setLast,
  };
}

/** The selected outlet, kept in the address by its location code, so that a reload or a link finds it again. */
function useSelection(outlets: Outlet[]): [string | null, (id: string | null) => void] {
  const [selected, setSelected] = useState<string | null>(() => {
    const code = decodeURIComponent(location.hash.slice(1));
    return outlets.find((outlet) => outlet.code === code)?.id ?? null;
  });
  const select = useCallback(
    (id: string | null) => {
      setSelected(id);
      const code = outlets.find((outlet) => outlet.id === id)?.code;
      const hash = code === undefined ? "" : `#${encodeURIComponent(code)}`;
      history.replaceState(history.state, "", `${location.pathname}${location.search}${hash}`);
      if (id !== null) document.getElementById(`mark-${id}`)?.scrollIntoView({ block: "nearest" });
    },
    [outlets],
  );
  return [selected, select];
}

interface Keys {
  step: (by: 1 | -1) => void;
  move: (what: "areas" | "points", by: 1 | -1) => void;
  onEntry: () => void;
  onHelp: () => void;
}

const MOVES: Record<string, ["areas" | "points", 1 | -1]> = {
  ArrowLeft: ["points", -1],
  ArrowRight: ["points", 1],
  ArrowUp: ["areas", -1],
  ArrowDown: ["areas", 1],
};

/**
 * The arrow keys walk from outlet to outlet, in the order they are drawn; with Shift they move it, or its room. `/` is quick entry, `?`
 * its words.
 */
function useKeys(now: Keys) {
  const keys = useRef<Keys>(now);
  keys.current = now;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest("input, [role=menu]")) return;
      const move = event.shiftKey ? MOVES[event.key] : undefined;
      if (move) keys.current.move(...move);
      else if (event.key === "ArrowRight") keys.current.step(1);
      else if (event.key === "ArrowLeft") keys.current.step(-1);
      else if (event.key === "/") keys.current.onEntry();
      else if (event.key === "?") keys.current.onHelp();
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
