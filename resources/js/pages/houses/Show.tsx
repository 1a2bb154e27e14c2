import { Head } from "@inertiajs/react";
import { useCallback, useEffect, useMemo, useState } from "react";
import { type HouseInHand, useHouse } from "@/features/house/useHouse";
import { type OutletChoices, OutletPanel } from "@/features/outlet/OutletPanel";
import { OutletSheet } from "@/features/outlet/OutletSheet";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import { drawnOutlets, drawnRooms } from "@/features/rooms/ruler";
import { VerdictKey } from "@/features/rooms/VerdictKey";
import { HouseShell } from "@/features/shell/HouseShell";
import { useWide } from "@/lib/useWide";
import type { HouseSheet, Outlet } from "@/types/sheet";
import { Choose } from "@/ui/Choose";

interface Props {
  sheet: HouseSheet;
  choices: OutletChoices;
}

export default function Show({ sheet: initial, choices }: Props) {
  const house = useHouse(initial);
  const { sheet } = house;
  const outlets = useMemo(() => drawnRooms(sheet.rooms).flatMap(drawnOutlets), [sheet.rooms]);
  const [selected, select] = useSelection(outlets);
  const outlet = outlets.find((o) => o.id === selected) ?? null;
  const wide = useWide();
  const step = useCallback(
    (by: 1 | -1) => {
      const at = outlets.findIndex((o) => o.id === selected);
      const next = outlets[(at + by + outlets.length) % outlets.length];
      if (next) select(next.id);
    },
    [outlets, selected, select],
  );
  useStepKeys(step);
  const panel = outlet && (
    <OutletPanel
      key={outlet.id}
      house={sheet.house}
      rooms={sheet.rooms}
      outlet={outlet}
      choices={choices}
      onChange={house.change}
    />
  );
  return (
    <HouseShell house={house}>
      <Head title={sheet.house.name} />
      <div className="flex min-h-0 min-w-0 flex-1 lg:grid lg:grid-cols-[1fr_21.75rem]">
        <main className="min-h-0 min-w-0 flex-1 overflow-y-auto pr-4 pl-5 max-lg:px-3">
          <RoomsHeading house={house} choices={choices} outlets={outlets} selected={selected} onSelect={select} />
          {sheet.rooms.length === 0 ? (
            <p className="max-w-prose border-t border-hair py-6 text-lg">
              Nothing is surveyed here yet. Start from a house file on the page of houses: rooms and outlets come in
              with it.
            </p>
          ) : (
            <RoomsDrawing rooms={sheet.rooms} selected={selected} onSelect={select} />
          )}
        </main>
        {wide && (
          <aside
            aria-label="The selected outlet"
            className="min-h-0 overflow-y-auto border-l-2 border-ink bg-raised px-4.5 py-4"
          >
            {panel ?? (
              <p className="text-ink-2">Pick an outlet on a ruler: what the code asks there, and why, stands here.</p>
            )}
          </aside>
        )}
        {!wide && panel && outlet && (
          <OutletSheet
            house={sheet.house}
            title={`${outlet.code} ${outlet.name}`}
            onClose={() => select(null)}
            onStep={step}
          >
            {panel}
          </OutletSheet>
        )}
      </div>
    </HouseShell>
  );
}

interface HeadingProps {
  house: HouseInHand;
  choices: OutletChoices;
  outlets: Outlet[];
  selected: string | null;
  onSelect: (id: string) => void;
}

/** What is drawn, by which edition it is judged and for which kind of work. */
function RoomsHeading({ house, choices, outlets, selected, onSelect }: HeadingProps) {
  const head = house.sheet.house;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2.5">
      <h1 className="text-2xl">Rooms</h1>
      <div className="flex items-center gap-2 max-lg:w-full">
        <Choose
          label="Edition it is judged by"
          value={head.edition}
          options={choices.edition}
          onChange={(edition) => house.change([{ in: "house", set: { code: { edition } } }])}
          className="max-lg:flex-1"
        />
        <Choose
          label="Kind of work"
          value={head.work}
          options={choices.work}
          onChange={(work) => house.change([{ in: "house", set: { work } }])}
          className="max-lg:flex-1"
        />
      </div>
      <VerdictKey outlets={outlets} selected={selected} onSelect={onSelect} />
    </div>
  );
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
      history.replaceState(history.state, "", code === undefined ? location.pathname : `#${encodeURIComponent(code)}`);
      if (id !== null) document.getElementById(`mark-${id}`)?.scrollIntoView({ block: "nearest" });
    },
    [outlets],
  );
  return [selected, select];
}

/** The arrow keys walk from outlet to outlet, in the order they are drawn. */
function useStepKeys(step: (by: 1 | -1) => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest("input, [role=combobox], [role=listbox]")) return;
      if (event.key === "ArrowRight") step(1);
      else if (event.key === "ArrowLeft") step(-1);
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, [step]);
}
