import { Fragment, memo, type ReactNode, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { Arrange } from "@/features/house/requests";
import type { Draft } from "@/features/survey/useTapped";
import { METRES_PER_FOOT, STEP, type Unit } from "@/lib/length";
import type { GhostShown, Room } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { MarkPatterns } from "./OutletMark";
import { RoomMenu } from "./RoomMenu";
import { RoomRow } from "./RoomRow";
import { drawnRooms, isMeasured, type Scale, scaleFor, standingIn } from "./ruler";
import { sameGroup } from "./walk";

interface Props {
  rooms: Room[];
  unit: Unit;
  protection: Protection;
  selected: string | null;
  onSelect: (id: string) => void;
  /** None of these where the house can only be looked at. */
  onArrange?: (change: Arrange) => void;
  onAdd?: (room: Room) => void;
  onRoom?: (room: Room) => void;
  /** The outlet that is being entered by taps, what takes one up, where it is dragged to, and its card below the room. */
  tapping?: Draft | null;
  onGhost?: ((room: Room, ghost: GhostShown) => void) | null;
  onPlace?: (ft: number, fixture: string) => void;
  card?: (room: Room) => ReactNode;
}

/** Width of the names beside the rulers on a wide screen, in pixels; on a phone they stand above. */
const NAMES = 152;
const WIDE = 1024;

/** What is done by hand in the drawing: the same functions from one drawing to the next. */
interface Handlers {
  select: (id: string) => void;
  arrange: (change: Arrange) => void;
  add: (room: Room) => void;
  open: (room: Room) => void;
  take: (room: Room, ghost: GhostShown) => void;
  place: (ft: number, fixture: string) => void;
  /** The rooms drawn in the same group, in order. */
  neighbours: (room: Room) => Room[];
}

/** The house as reach rulers: rooms with water on one common scale, then the plain shelves. */
export function RoomsDrawing(props: Props) {
  const { rooms, unit, protection, selected, tapping = null } = props;
  const frame = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, wide: true });
  useLayoutEffect(() => {
    const box = frame.current;
    if (!box) return;
    const measure = () => setSize({ width: box.clientWidth, wide: innerWidth >= WIDE });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(box);
    return () => observer.disconnect();
  }, []);
  const width = size.wide ? size.width - NAMES : size.width;
  const { zero, pxPerFt, maxFt } = scaleFor(rooms, 34, width);
  const scale = useMemo(() => ({ zero, pxPerFt, maxFt }), [zero, pxPerFt, maxFt]);
  const handlers = useHandlers(props);
  return (
    <div ref={frame} id="rooms" className="pb-6">
      <MarkPatterns />
      {size.width > 0 && (
        <>
          {rooms.some(isMeasured) && <ScaleLine scale={scale} unit={unit} width={width} left={size.wide ? NAMES : 0} />}
          {drawnRooms(rooms).map((room) => (
            <Fragment key={room.id}>
              <DrawnRoom
                room={room}
                draft={tapping?.room === room.id && tapping.usual ? tapping : null}
                protection={protection}
                scale={scale}
                unit={unit}
                width={width}
                selected={room.outlets.some((one) => one.id === selected) ? selected : null}
                handlers={handlers}
                arranges={props.onArrange !== undefined}
                takes={Boolean(props.onGhost)}
              />
              {props.card?.(room)}
            </Fragment>
          ))}
        </>
      )}
    </div>
  );
}

function useHandlers(props: Props): Handlers {
  const latest = useRef(props);
  useLayoutEffect(() => {
    latest.current = props;
  });
  return useMemo(() => {
    const now = () => latest.current;
    return {
      select: (id) => now().onSelect(id),
      arrange: (change) => now().onArrange?.(change),
      add: (room) => now().onAdd?.(room),
      open: (room) => now().onRoom?.(room),
      take: (room, ghost) => now().onGhost?.(room, ghost),
      place: (ft, fixture) => now().onPlace?.(snapped(ft, now().unit), fixture),
      neighbours: (room) => sameGroup(now().rooms, room),
    };
  }, []);
}

/** One room, drawn anew only where something in it is another: a change is mostly of one room. */
const DrawnRoom = memo(function DrawnRoom({
  room,
  draft,
  selected,
  handlers,
  arranges,
  takes,
  ...drawn
}: {
  room: Room;
  draft: Draft | null;
  protection: Protection;
  scale: Scale;
  unit: Unit;
  width: number;
  selected: string | null;
  handlers: Handlers;
  arranges: boolean;
  takes: boolean;
}) {
  const standing = standingIn(room, draft ?? undefined);
  return (
    <RoomRow
      room={room}
      standing={standing}
      {...drawn}
      selected={selected}
      onSelect={handlers.select}
      inHand={draft && (standing.find((one) => one.ghost?.serves === draft.serves) ?? null)}
      onGhost={takes ? ({ ghost }) => handlers.take(room, ghost) : null}
      onPlace={handlers.place}
      menu={
        arranges && (
          <RoomMenu
            room={room}
            neighbours={() => handlers.neighbours(room)}
            onArrange={handlers.arrange}
            onAdd={() => handlers.add(room)}
            onRoom={() => handlers.open(room)}
          />
        )
      }
    />
  );
});

/** Lengths by hand are to half a foot, or ten centimetres. */
function snapped(ft: number, unit: Unit): number {
  return Math.round(Math.round(ft / STEP[unit]) * STEP[unit] * 1000) / 1000;
}

/** The common scale above the rulers, in feet or in metres. */
function ScaleLine({ scale, unit, width, left }: { scale: Scale; unit: Unit; width: number; left: number }) {
  const every = unit === "m" ? 0.5 / METRES_PER_FOOT : 1;
  return (
    <svg
      width={width}
      height={26}
      style={{ marginLeft: left }}
      className="sticky top-0 z-20 block bg-sheet"
      role="img"
      aria-label={`Scale: ${unit === "m" ? "metres" : "feet"} by the path of a cord from the edge of the water`}
    >
      {Array.from({ length: Math.floor(scale.maxFt / every) + 1 }, (_, tick) => tick).map((tick) => {
        const x = scale.zero + tick * every * scale.pxPerFt;
        return (
          <g key={tick}>
            <path d={`M${x} 16v${tick % 2 === 0 ? 8 : 5}`} stroke="var(--ink-2)" />
            {tick % 2 === 0 && (
              <text
                x={x}
                y={12}
                fontSize={11.5}
                textAnchor={tick === 0 ? "start" : "middle"}
                fill="var(--ink-2)"
                dx={tick === 0 ? -24 : 0}
              >
                {tick === 0 ? `0 ${unit} by cord` : unit === "m" ? tick / 2 : tick}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
