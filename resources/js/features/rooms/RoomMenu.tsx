import { Ellipsis } from "lucide-react";
import type { Arrange } from "@/features/house/requests";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import type { Room } from "@/types/pages";
import { MenuButton } from "@/ui/MenuButton";

const RoomMenuOpen = lazily(async () => (await import("./RoomMenuOpen")).RoomMenuOpen, true);

export interface RoomMenuProps {
  room: Room;
  /** The rooms drawn in the same group, in order: a move goes past one of them. */
  neighbours: () => Room[];
  onArrange: (change: Arrange) => void;
  onAdd: () => void;
  /** Opens the room as a whole. */
  onRoom: () => void;
}

/** What can be done with a room as a whole. */
export function RoomMenu(props: RoomMenuProps) {
  const { room } = props;
  return (
    <MenuButton
      button={{
        "aria-label": `Room ${room.code} ${room.name}`,
        className: cn(
          "ml-auto flex size-11 shrink-0 cursor-pointer items-center justify-center text-ink-2",
          "hover:bg-band hover:text-ink max-lg:size-12",
        ),
        children: <Ellipsis size={16} aria-hidden />,
      }}
      menu={(button) => <RoomMenuOpen {...props} button={button} />}
    />
  );
}
