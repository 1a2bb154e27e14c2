import { DropdownMenu } from "radix-ui";
import type { ButtonProps } from "@/ui/MenuButton";
import { MENU_ITEM } from "@/ui/menu";
import { OpenMenu } from "@/ui/OpenMenu";
import type { RoomMenuProps } from "./RoomMenu";
import { neighbour } from "./walk";

/** The menu of a room, open as it comes. */
export function RoomMenuOpen({ button, ...props }: RoomMenuProps & { button: ButtonProps }) {
  return (
    <OpenMenu button={button}>
      <Items {...props} />
    </OpenMenu>
  );
}

function Items({ room, neighbours, onArrange, onAdd, onRoom }: RoomMenuProps) {
  const beside = neighbours();
  const move = (by: 1 | -1) => {
    const before = neighbour(beside, room.id, by);
    return before === undefined ? null : () => onArrange({ path: "order/areas", id: room.id, before });
  };
  const earlier = move(-1);
  const later = move(1);
  return (
    <>
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
    </>
  );
}
