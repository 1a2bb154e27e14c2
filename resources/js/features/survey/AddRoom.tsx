import { useState } from "react";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { Tap } from "@/ui/Taps";

export interface RoomChoice extends Option {
  /** The water such a room usually has. */
  water: Option[];
  /** Its usual outlets, in words. */
  usual: string;
}

interface Props {
  rooms: RoomChoice[];
  onAdd: (kind: string, water: string[]) => void;
  onClose: () => void;
}

/** A room by taps: what it is, then its water. What it usually has is drawn for confirming afterwards. */
export function AddRoom({ rooms, onAdd, onClose }: Props) {
  const [kind, setKind] = useState<RoomChoice | null>(null);
  const [water, setWater] = useState<string[]>([]);
  const pick = (room: RoomChoice) => {
    if (room.water.length === 0) {
      onAdd(room.value, []);
      return;
    }
    setKind(room);
    // A sink is there; a tub or a shower is one of two.
    setWater(room.water.slice(0, 1).map((one) => one.value));
  };
  return (
    <Sheet title={kind === null ? "Which room is it?" : kind.label} onClose={onClose}>
      {kind === null ? (
        <ul className="grid grid-cols-2 gap-1.5 p-3 lg:grid-cols-4">
          {rooms.map((room) => (
            <li key={room.value}>
              <Tap
                pressed={false}
                label={room.label}
                className="h-full w-full py-1.5 leading-tight"
                onTap={() => pick(room)}
              >
                {room.label}
                <span className="block text-xs font-normal text-ink-2">{room.usual}</span>
              </Tap>
            </li>
          ))}
        </ul>
      ) : (
        <div className="flex flex-col gap-3 p-4">
          <p className="text-ink-2">Its water. Drawn for confirming: {kind.usual || "nothing"}.</p>
          <div className="flex flex-wrap gap-1.5">
            {kind.water.map((one) => (
              <Tap
                key={one.value}
                pressed={water.includes(one.value)}
                onTap={() =>
                  setWater((now) =>
                    now.includes(one.value) ? now.filter((w) => w !== one.value) : [...now, one.value],
                  )
                }
              >
                {one.label}
              </Tap>
            ))}
          </div>
          <div className="flex gap-2">
            <Button tone="main" className="flex-1" onClick={() => onAdd(kind.value, water)}>
              Add the {kind.label.toLowerCase()}
            </Button>
            <Button onClick={() => setKind(null)}>Another kind</Button>
          </div>
        </div>
      )}
    </Sheet>
  );
}
