import { writtenFeet } from "@/lib/feet";
import type { FixtureKind, Room } from "@/types/sheet";
import { FixtureGlyph } from "./FixtureGlyph";
import { OutletMark } from "./OutletMark";
import { layOut, type Place, type Scale } from "./ruler";

interface Props {
  room: Room;
  scale: Scale;
  width: number;
  selected: string | null;
  onSelect: (id: string) => void;
}

const MID = 34;
const HEIGHT = 68;

/** One room: its water at zero, its reach or its band, its outlets where a cord would reach them. Without water, a plain shelf. */
export function RoomRow({ room, scale, width, selected, onSelect }: Props) {
  const layout = layOut(room, scale, width);
  const water = waterOf(room);
  const limit = room.bandWhole
    ? null
    : limitOf(
        room,
        water.map((w) => w.kind),
      );
  const x = (ft: number) => scale.zero + ft * scale.pxPerFt;
  const end = width - 2;
  const main = water[0]?.id;
  return (
    <section aria-labelledby={`room-${room.id}`} className="border-t border-hair lg:grid lg:grid-cols-[9.5rem_1fr]">
      <div className="flex gap-2.5 max-lg:items-baseline max-lg:pt-2 lg:py-3">
        <span className="code text-[0.8rem] text-ink-2 lg:w-6">{room.code}</span>
        <div className="min-w-0 max-lg:flex max-lg:items-baseline max-lg:gap-2.5">
          <h2 id={`room-${room.id}`} className="text-base">
            {room.name}
          </h2>
          <p className="narrow text-xs leading-tight text-ink-2">{said(room, water.length > 0)}</p>
        </div>
      </div>
      <div className="relative" style={{ height: HEIGHT, width }}>
        <svg width={width} height={HEIGHT} className="absolute inset-0" aria-hidden focusable="false">
          {room.band !== null && (
            <rect
              x={scale.zero}
              y={8}
              width={end - scale.zero}
              height={HEIGHT - 16}
              fill="var(--band)"
              opacity={room.bandWhole ? 1 : 0.5}
            />
          )}
          {limit !== null && layout.onRuler && (
            <>
              <rect x={scale.zero} y={8} width={limit * scale.pxPerFt} height={HEIGHT - 16} fill="var(--band)" />
              <path d={`M${x(limit)} 3V${HEIGHT - 3}`} stroke="var(--ink)" strokeWidth={2.5} />
              <text x={x(limit) + 5} y={13} fontSize={11.5} fontWeight={700} fill="var(--ink)">
                {writtenFeet(limit)}
              </text>
            </>
          )}
          <path d={`M${scale.zero} ${MID}H${layout.shelf ?? end}`} stroke="var(--ink)" strokeWidth={1.2} />
          {layout.shelf !== null && (
            <path d={`M${layout.shelf} ${MID}H${end}`} stroke="var(--edge)" strokeWidth={1.2} strokeDasharray="2 4" />
          )}
          {layout.onRuler && layout.places.map((place) => <Way key={place.outlet.id} place={place} />)}
        </svg>
        <span
          className="absolute flex flex-col items-end gap-0.5"
          style={{ right: width - scale.zero + 2, top: "50%", transform: "translateY(-50%)" }}
        >
          {water.slice(0, 2).map((w) => (
            <FixtureGlyph key={w.id} kind={w.kind} size={water.length > 1 ? 20 : 26} />
          ))}
        </span>
        {layout.places.map((place) => (
          <OutletMark
            key={place.outlet.id}
            outlet={place.outlet}
            selected={place.outlet.id === selected}
            onSelect={() => onSelect(place.outlet.id)}
            style={{ left: place.x }}
          />
        ))}
        {layout.onRuler &&
          water.length > 1 &&
          layout.places.map((place) => {
            const way = place.outlet.distances[0];
            return way && way.fixture !== main ? (
              <span
                key={place.outlet.id}
                className="pointer-events-none absolute bottom-0"
                style={{ left: place.x + 8 }}
              >
                <FixtureGlyph kind={way.fixtureKind} size={14} />
              </span>
            ) : null;
          })}
      </div>
    </section>
  );
}

/** The door or wall in a path, and the thread to the true distance of a mark that had to make way. */
function Way({ place }: { place: Place }) {
  const crosses = place.outlet.distances[0]?.crosses ?? "none";
  const left = place.x - 28;
  return (
    <>
      {Math.abs(place.x - place.trueX) > 3 && (
        <path
          d={`M${place.trueX} ${HEIGHT - 9}V${HEIGHT - 4}M${place.trueX} ${HEIGHT - 6}L${place.x} ${HEIGHT - 12}`}
          stroke="var(--ink-2)"
          strokeWidth={1.2}
          fill="none"
        />
      )}
      {crosses === "barrier" && <rect x={left - 3} y={10} width={6} height={HEIGHT - 20} fill="var(--ink)" />}
      {crosses === "door" && (
        <path
          d={`M${left - 4} ${MID - 18}v36M${left - 4} ${MID - 18}l11 5v26l-11 5`}
          fill="var(--raised)"
          stroke="var(--ink)"
          strokeWidth={1.8}
          strokeLinejoin="round"
        />
      )}
    </>
  );
}

/** The water in the room, or else the water of the next room that its outlets were measured to. */
function waterOf(room: Room): { id: string; kind: FixtureKind }[] {
  if (room.fixtures.length > 0) return room.fixtures;
  const first = room.outlets.flatMap((outlet) => outlet.distances)[0];
  return first ? [{ id: first.fixture, kind: first.fixtureKind }] : [];
}

function limitOf(room: Room, kinds: FixtureKind[]): number | null {
  const limits = kinds.flatMap((kind) => room.limitsFt[kind] ?? []);
  return limits.length === 0 ? null : Math.max(...limits);
}

function said(room: Room, water: boolean): string {
  if (room.band !== null) return room.band;
  if (!water) return "not asked by room";
  return room.doorEnds ? "by distance; a door ends the path" : "by distance only";
}
