import { useLayoutEffect, useRef, useState } from "react";
import type { Protection, Room } from "@/types/sheet";
import { MarkPatterns } from "./OutletMark";
import { RoomRow } from "./RoomRow";
import { drawnRooms, isMeasured, scaleFor } from "./ruler";

interface Props {
  rooms: Room[];
  protection: Protection;
  selected: string | null;
  onSelect: (id: string) => void;
}

/** Width of the names beside the rulers on a wide screen, in pixels; on a phone they stand above. */
const NAMES = 152;
const WIDE = 1024;

/** The house as reach rulers: rooms with water on one common scale, then the plain shelves. */
export function RoomsDrawing({ rooms, protection, selected, onSelect }: Props) {
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
  const scale = scaleFor(rooms, 34, width);
  const row = (room: Room) => (
    <RoomRow
      key={room.id}
      room={room}
      protection={protection}
      scale={scale}
      width={width}
      selected={selected}
      onSelect={onSelect}
    />
  );
  return (
    <div ref={frame} id="rooms" className="pb-6">
      <MarkPatterns />
      {size.width > 0 && (
        <>
          {rooms.some(isMeasured) && (
            <svg
              width={width}
              height={26}
              style={{ marginLeft: size.wide ? NAMES : 0 }}
              className="sticky top-0 z-20 block bg-sheet"
              role="img"
              aria-label="Scale: feet by the path of a cord from the edge of the water"
            >
              {Array.from({ length: scale.maxFt + 1 }, (_, ft) => ft).map((ft) => {
                const x = scale.zero + ft * scale.pxPerFt;
                return (
                  <g key={ft}>
                    <path d={`M${x} 16v${ft % 2 === 0 ? 8 : 5}`} stroke="var(--ink-2)" />
                    {ft % 2 === 0 && (
                      <text
                        x={x}
                        y={12}
                        fontSize={11.5}
                        textAnchor={ft === 0 ? "start" : "middle"}
                        fill="var(--ink-2)"
                        dx={ft === 0 ? -24 : 0}
                      >
                        {ft === 0 ? "0 ft by cord" : ft}
                      </text>
                    )}
                  </g>
                );
              })}
            </svg>
          )}
          {drawnRooms(rooms).map(row)}
        </>
      )}
    </div>
  );
}
