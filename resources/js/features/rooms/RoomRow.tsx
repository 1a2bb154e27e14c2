import type { ReactNode } from "react";
import { type Unit, writtenLength } from "@/lib/length";
import type { FixtureKind, Room } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { FixtureGlyph } from "./FixtureGlyph";
import { GhostMark } from "./GhostMark";
import { OutletMark } from "./OutletMark";
import { layOut, type Place, type Scale, type Standing } from "./ruler";

interface Props {
  room: Room;
  /** What stands in it, the one in hand where the taps have put it. */
  standing: Standing[];
  protection: Protection;
  scale: Scale;
  unit: Unit;
  width: number;
  selected: string | null;
  onSelect: (id: string) => void;
  /** What can be done with the room, beside its name. */
  menu?: ReactNode;
  /** Of what the room usually has: which one is in hand, taken up by a tap, and placed by dragging it along the ruler. */
  inHand: Standing | null;
  onGhost: ((one: Standing & { outlet: null }) => void) | null;
  onPlace: (ft: number, fixture: string) => void;
}

/** Above it the mark of the limit has a line of its own. */
const MID = 40;
const MARGIN = 16;
/** From one line of a row to the next, in pixels. */
const LANE = 54;

/** One room: its water at zero, its reach or its band, its outlets where a cord would reach them. Without water, a plain shelf. */
export function RoomRow(props: Props) {
  const { room, standing, protection, scale, unit, width, selected, onSelect, menu, inHand, onGhost, onPlace } = props;
  const layout = layOut(standing, scale, width);
  const water = waterOf(room);
  const band = protection === "gfci" ? room.band : room.afciBand;
  const whole = protection === "afci" || room.bandWhole;
  const limit = whole
    ? null
    : limitOf(
        room,
        water.map((w) => w.kind),
      );
  const x = (ft: number) => scale.zero + ft * scale.pxPerFt;
  const end = width - 2;
  const height = 74 + (layout.lanes.length - 1) * LANE;
  const main = water[0]?.id;
  return (
    <section aria-labelledby={`room-${room.id}`} className="border-t border-hair lg:grid lg:grid-cols-[9.5rem_1fr]">
      <div className="flex gap-2.5 max-lg:items-baseline max-lg:pt-2 lg:py-3">
        <span className="code label shrink-0 text-[0.8rem] text-ink-2 lg:min-w-6">{room.code}</span>
        <div className="min-w-0 max-lg:flex max-lg:items-baseline max-lg:gap-2.5">
          <h2 id={`room-${room.id}`} className="label text-base">
            {room.name}
          </h2>
          <p className="label narrow text-xs leading-tight text-ink-2">
            {said(room, band, protection, water.length > 0)}
          </p>
        </div>
        {menu}
      </div>
      <div className="relative" style={{ height, width }}>
        <svg width={width} height={height} className="absolute inset-0" aria-hidden focusable="false">
          {band !== null && (
            <rect
              x={scale.zero}
              y={14}
              width={end - scale.zero}
              height={height - MARGIN - 6}
              fill="var(--band)"
              opacity={whole ? 1 : 0.5}
            />
          )}
          {limit !== null && layout.onRuler && (
            <>
              <rect
                x={scale.zero}
                y={14}
                width={limit * scale.pxPerFt}
                height={height - MARGIN - 6}
                fill="var(--band)"
              />
              <path d={`M${x(limit)} 3V${height - 3}`} stroke="var(--ink)" strokeWidth={2.5} />
              <text className="label" x={x(limit) + 5} y={11} fontSize={11.5} fontWeight={700} fill="var(--ink)">
                {writtenLength(limit, unit)}
              </text>
            </>
          )}
          {layout.lanes.map((lane) => (
            <Line
              key={lane.number}
              from={scale.zero}
              to={end}
              y={MID + lane.number * LANE}
              shelf={layout.onRuler ? lane.shelf : null}
            />
          ))}
          {layout.onRuler && layout.places.map((place) => <Way key={place.what.key} place={place} />)}
        </svg>
        <span
          className="absolute flex flex-col items-end gap-0.5"
          style={{ right: width - scale.zero + 2, top: MID, transform: "translateY(-50%)" }}
        >
          {water.slice(0, 2).map((w) => (
            <FixtureGlyph key={w.id} kind={w.kind} size={water.length > 1 ? 20 : 26} />
          ))}
        </span>
        {layout.places.map((place) => {
          const style = { left: place.x, top: MID + place.lane * LANE };
          const { outlet, ghost, key } = place.what;
          return outlet ? (
            <OutletMark
              key={key}
              outlet={outlet}
              protection={protection}
              selected={outlet.id === selected}
              onSelect={() => onSelect(outlet.id)}
              style={style}
            />
          ) : (
            <GhostMark
              key={key}
              ghost={ghost}
              inHand={inHand?.key === key}
              onTake={onGhost && (() => onGhost({ key, outlet: null, ghost }))}
              onDrag={
                main === undefined
                  ? null
                  : (dx) => onPlace(Math.max(0, (ghost.ft ?? 0) + dx / scale.pxPerFt), ghost.fixture ?? main)
              }
              unit={unit}
              style={style}
            />
          );
        })}
        {layout.onRuler &&
          water.length > 1 &&
          layout.places.map((place) => {
            const way = place.what.outlet?.distances[0];
            return way && way.fixture !== main ? (
              <span
                key={place.what.key}
                className="pointer-events-none absolute"
                style={{ left: place.x + 8, top: MID + place.lane * LANE + 19 }}
              >
                <FixtureGlyph kind={way.fixtureKind} size={14} />
              </span>
            ) : null;
          })}
      </div>
    </section>
  );
}

/** One line of a row: solid where it is a ruler, dotted where outlets merely stand. */
function Line({ from, to, y, shelf }: { from: number; to: number; y: number; shelf: number | null }) {
  return (
    <>
      <path d={`M${from} ${y}H${shelf ?? to}`} stroke="var(--ink)" strokeWidth={1.2} />
      {shelf !== null && (
        <path d={`M${shelf} ${y}H${to}`} stroke="var(--edge)" strokeWidth={1.2} strokeDasharray="2 4" />
      )}
    </>
  );
}

/** The door or wall in a path, and the thread to the true distance of a mark that had to make way. */
function Way({ place }: { place: Place }) {
  const crosses = place.what.outlet?.distances[0]?.crosses ?? "none";
  const left = place.x - 28;
  const mid = MID + place.lane * LANE;
  return (
    <>
      {Math.abs(place.x - place.trueX) > 3 && (
        <path
          d={`M${place.trueX} ${mid + 25}v5M${place.trueX} ${mid + 28}L${place.x} ${mid + 22}`}
          stroke="var(--ink-2)"
          strokeWidth={1.2}
          fill="none"
        />
      )}
      {crosses === "barrier" && <rect x={left - 3} y={mid - 24} width={6} height={48} fill="var(--ink)" />}
      {crosses === "door" && (
        <path
          d={`M${left - 4} ${mid - 18}v36M${left - 4} ${mid - 18}l11 5v26l-11 5`}
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

function said(room: Room, band: string | null, protection: Protection, water: boolean): string {
  if (band !== null) return band;
  if (protection === "afci") return "not a listed room";
  if (!water) return "not asked by room";
  return room.doorEnds ? "by distance; a door ends the path" : "by distance only";
}
