import { Menu } from "lucide-react";
import type { HouseInHand } from "@/features/house/useHouse";
import { lazily } from "@/lib/lazily";
import { MenuButton } from "@/ui/MenuButton";

const HouseMenuOpen = lazily(async () => (await import("./HouseMenuOpen")).HouseMenuOpen, true);

/** What else there is about this house: pages to read and print, the house as a file; on a phone also what the top has no room for. */
export function HouseMenu({ house }: { house: HouseInHand }) {
  return (
    <MenuButton
      button={{
        "aria-label": "More about this house",
        className: "flex size-11 cursor-pointer items-center justify-center hover:bg-band max-lg:size-12",
        children: <Menu size={18} aria-hidden />,
      }}
      menu={(button) => <HouseMenuOpen house={house} button={button} />}
    />
  );
}
