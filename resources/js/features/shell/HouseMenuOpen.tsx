import { Link } from "@inertiajs/react";
import { DropdownMenu } from "radix-ui";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import { useTheme } from "@/lib/theme";
import { useMay } from "@/lib/useMay";
import type { ButtonProps } from "@/ui/MenuButton";
import { MENU_ITEM } from "@/ui/menu";
import { OpenMenu } from "@/ui/OpenMenu";

/** The menu of a house, open as it comes. */
export function HouseMenuOpen({ house, button }: { house: HouseInHand; button: ButtonProps }) {
  const { id, redo } = house.sheet.house;
  const { other, turn } = useTheme();
  const may = useMay();
  return (
    <OpenMenu button={button} align="end">
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
        <Link href={`/houses/${id}/papers`} className={MENU_ITEM}>
          Papers: record, letter, directory, labels
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
    </OpenMenu>
  );
}
