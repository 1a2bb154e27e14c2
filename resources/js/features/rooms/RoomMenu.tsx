import { Ellipsis } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { Arrange } from "@/features/house/requests";
import { cn } from "@/lib/cn";
import type { Room } from "@/types/pages";
import { MENU_ITEM } from "@/ui/menu";
import { neighbour } from "./walk";

interface Props {
  room: Room;
  /** The rooms drawn in the same group, in order: a move goes past one of them. */
  neighbours: Room[];
  onArrange: (change: Arrange) => void;
  onAdd: () => void;
  /** Opens the room as a whole. */
  onRoom: () => void;
}

/** What can be done with a room as a whole. */
export function RoomMenu({ room, neighbours, onArrange, onAdd, onRoom }: Props) {
  const move = (by: 1 | -1) => {
    const before = neighbour(neighbours, room.id, by);
    return before === undefined ? null : () => onArrange({ path: "order/areas", id: room.id, before });
  };
  const earlier = move(-1);
  const later = move(1);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={`Room ${room.code} ${room.name}`}
        className={cn(
          "ml-auto flex size-11 shrink-0 cursor-pointer items-center justify-center text-ink-2",
          "hover:bg-band hover:text-ink max-lg:size-12",
        )}
      >
        <Ellipsis size={16} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={2}
          collisionPadding={8}
          className="z-50 border-2 border-ink bg-raised"
        >
          <DropdownMenu.Item className={MENU_ITEM} onSelect={onAdd}>
            + Outlet
          </DropdownMenu.Item>
          <DropdownMenu.Item className={MENU_ITEM} onSelect={onRoom}>
            Name, kind, water; split, join, one like it
          </DropdownMenu.Item>
          <DropdownMenu.Item className={MENU_ITEM} disabled={earlier === null} onSelect={earlier ?? undefined}>
            Earlier on the walk
          </DropdownMenu.Item>
          <DropdownMenu.Item className={MENU_ITEM} disabled={later === null} onSelect={later ?? undefined}>
            Later on the walk
          </DropdownMenu.Item>
          <DropdownMenu.Item className={MENU_ITEM} onSelect={() => onArrange({ path: "removals/areas", id: room.id })}>
            Take it out, with its {room.outlets.length === 1 ? "outlet" : `${room.outlets.length} outlets`}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
