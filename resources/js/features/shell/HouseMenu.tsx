import { Link } from "@inertiajs/react";
import { Menu } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { MENU_ITEM } from "@/ui/menu";

/** What else there is about this house: pages to read and print, and the house as a file. */
export function HouseMenu({ id }: { id: string }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label="More about this house"
        className="flex min-h-9 cursor-pointer items-center px-2.5 hover:bg-band max-lg:min-h-12"
      >
        <Menu size={18} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 border-2 border-ink bg-raised"
        >
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/survey`} className={MENU_ITEM}>
              Survey on paper
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/compare`} className={MENU_ITEM}>
              Compare two editions
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/history`} className={MENU_ITEM}>
              Every change
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/rules`} className={MENU_ITEM}>
              The code book
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/outlets`} className={MENU_ITEM}>
              Outlets as a table
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <a href={`/houses/${id}/file`} download className={MENU_ITEM}>
              Save as house file
            </a>
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href="/houses" className={MENU_ITEM}>
              All houses
            </Link>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
