import type { GhostShown, Room } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Sheet } from "@/ui/Sheet";
import { Tap } from "@/ui/Taps";

export interface ServesChoice extends Option {
  /** What such an outlet usually is, and what it is rated, the likeliest first. */
  kind: GhostShown["kind"];
  amps: number[];
}

interface Props {
  room: Room;
  serves: ServesChoice[];
  onPick: (ghost: GhostShown) => void;
  onClose: () => void;
}

/** One more outlet in a room: what it is for. What there is already in the room comes first. */
export function AddOutlet({ room, serves, onPick, onClose }: Props) {
  const here = new Set<string>(["general", ...room.outlets.map((outlet) => outlet.serves)]);
  const sorted = [...serves.filter((one) => here.has(one.value)), ...serves.filter((one) => !here.has(one.value))];
  return (
    <Sheet title={`${room.code} ${room.name}: what is it for?`} onClose={onClose}>
      <ul className="grid grid-cols-2 gap-1.5 p-3 lg:grid-cols-4">
        {sorted.map((one) => (
          <li key={one.value}>
            <Tap
              pressed={false}
              className="h-full w-full"
              onTap={() =>
                onPick({
                  serves: one.value as GhostShown["serves"],
                  name: one.label,
                  kind: one.kind,
                  amps: one.amps,
                  fixture: null,
                  ft: null,
                })
              }
            >
              {one.label}
            </Tap>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
