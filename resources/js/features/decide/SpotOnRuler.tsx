import type { PointerEvent } from "react";
import { STEP, spokenLength, type Unit, writtenLength } from "@/lib/length";
import type { FixtureShown, Room } from "@/types/pages";
import { Length } from "@/ui/Length";

interface Props {
  room: Room;
  fixture: FixtureShown;
  ft: number | null;
  unit: Unit;
  onChange: (ft: number) => void;
}

/** The ruler is drawn so far at least, in feet. */
const LEAST_FT = 8;

/** The ruler of a room from the edge of its water, with the outlets that stand on it: a tap says where the new one goes. */
export function SpotOnRuler({ room, fixture, ft, unit, onChange }: Props) {
  const there = room.outlets.flatMap((outlet) => {
    const distance = outlet.distances.find((one) => one.fixture === fixture.id);
    return distance ? [{ code: outlet.code, ft: distance.ft }] : [];
  });
  const most = Math.max(LEAST_FT, ...there.map((one) => one.ft + 1));
  const x = (at: number) => `${(100 * at) / most}%`;
  const tap = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const said = (most * (event.clientX - box.left)) / box.width;
    onChange(Math.round(said / STEP[unit]) * STEP[unit]);
  };
  return (
    <div className="lg:col-span-2">
      <p className="mb-1 font-semibold narrow">Where, from the {fixture.label.toLowerCase()} by a cord</p>
      <div aria-hidden onPointerUp={tap} className="relative mx-3 h-14 cursor-pointer border-b-2 border-ink">
        {there.map((one) => (
          <span
            key={one.code}
            style={{ left: x(one.ft) }}
            className="code absolute bottom-0 -translate-x-1/2 border-2 border-ink bg-raised px-1 text-xs"
          >
            {one.code.split("-").pop()}
          </span>
        ))}
        {ft !== null && (
          <span
            style={{ left: x(ft) }}
            className="absolute top-0 -translate-x-1/2 border-b-[10px] border-focus px-1 text-sm font-bold"
          >
            {writtenLength(ft, unit)}
          </span>
        )}
        <span className="absolute -bottom-5 left-0 text-xs text-ink-2">0</span>
        <span className="absolute right-0 -bottom-5 text-xs text-ink-2">{spokenLength(most, unit)}</span>
      </div>
      <div className="mt-6 max-w-40">
        <Length key={ft} label="Distance" ft={ft} unit={unit} example={4} onChange={onChange} />
      </div>
    </div>
  );
}
