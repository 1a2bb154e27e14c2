import type { Arrange } from "@/features/house/requests";
import { arranged } from "@/features/rooms/walk";
import type { Outlet, Room } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";

interface Props {
  outlet: Outlet;
  rooms: Room[];
  onArrange: (change: Arrange) => void;
  /** It belongs to another room. */
  onRoom: (id: string) => void;
}

/** Where the outlet comes on the walk through its room, to be moved or taken out. */
export function PlaceOnTheWalk({ outlet, rooms, onArrange, onRoom }: Props) {
  const room = rooms.find((one) => one.outlets.some((other) => other.id === outlet.id));
  const outlets = room?.outlets ?? [];
  const at = outlets.findIndex((one) => one.id === outlet.id);
  const move = (by: 1 | -1) => {
    const change = arranged(rooms, outlet.id, "points", by);
    if (change) onArrange(change);
  };
  return (
    <section className="border-t-2 border-ink pt-3">
      <h3 className="mb-2 text-base">
        On the walk: {at + 1} of {outlets.length}
      </h3>
      <div className="flex flex-wrap gap-2">
        <Button size="small" disabled={at === 0} onClick={() => move(-1)}>
          Earlier
        </Button>
        <Button size="small" disabled={at === outlets.length - 1} onClick={() => move(1)}>
          Later
        </Button>
        <Button
          size="small"
          tone="bare"
          className="ml-auto underline"
          onClick={() => onArrange({ path: "removals/points", id: outlet.id })}
        >
          Take it out
        </Button>
      </div>
      {room && rooms.length > 1 && (
        <div className="mt-2">
          <Choose
            label="It is in"
            value={room.id}
            options={rooms.map((one) => ({ value: one.id, label: `In ${one.code} ${one.name}` }))}
            onChange={onRoom}
            className="w-full"
          />
        </div>
      )}
      {outlet.formerCodes.length > 0 && (
        <p className="mt-1 text-sm text-ink-2">
          It was <span className="code">{outlet.formerCodes.join(", ")}</span> before.
        </p>
      )}
    </section>
  );
}
