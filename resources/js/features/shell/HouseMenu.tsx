import { Link } from "@inertiajs/react";
import { Menu } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import { useTheme } from "@/lib/theme";
import { useMay } from "@/lib/useMay";
import { MENU_ITEM } from "@/ui/menu";

/** What else there is about this house: pages to read and print, the house as a file; on a phone also what the top has no room for. */
export function HouseMenu({ house }: { house: HouseInHand }) {
  const { id, redo } = house.sheet.house;
  const { other, turn } = useTheme();
  const may = useMay();
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label="More about this house"
        className="flex size-11 cursor-pointer items-center justify-center hover:bg-band max-lg:size-12"
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
          <DropdownMenu.Item
            className={cn(MENU_ITEM, "lg:hidden")}
            disabled={redo === null || !may.change}
            onSelect={house.redo}
          >
            {redo === null ? "Nothing to redo" : `Redo: ${redo}`}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={cn(MENU_ITEM, "lg:hidden")} onSelect={turn}>
            {other === "dark" ? "Dark, for crawl spaces" : "Light, for daylight"}
          </DropdownMenu.Item>
          <DropdownMenu.Item asChild>
            <Link href={`/houses/${id}/survey`} className={MENU_ITEM}>
              Survey on paper: print it
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
