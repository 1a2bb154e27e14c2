import { Link } from "@inertiajs/react";
import { useState } from "react";
import { Items } from "@/features/findings/Items";
import type { HouseInHand } from "@/features/house/useHouse";
import { useAsked } from "@/lib/useAsked";
import type { KeepPage } from "@/types/pages";
import { NotCome } from "@/ui/NotCome";
import { KeptDevices } from "./KeptDevices";

interface Props {
  house: HouseInHand;
  onSelect: (id: string) => void;
}

/** What the house needs after the work: its devices with their age and tests, what was left open, and the papers. */
export function KeepView({ house, onSelect }: Props) {
  const { version } = house;
  const [known, setKnown] = useState<{ version: string; page: KeepPage } | null>(null);
  const asked = useAsked<KeepPage>(house.ask, "kept", known?.version === version ? null : version, (page) =>
    setKnown({ version, page }),
  );
  if (known === null) return <NotCome asked={asked} what="what the house needs" />;
  return (
    <div className="pt-3 pb-6 lg:max-w-3xl">
      <Link
        href={`/houses/${house.sheet.house.id}/papers`}
        className="mb-3 block min-h-11 py-2 font-semibold underline max-lg:min-h-12"
      >
        Papers, and the page for who lives there
      </Link>
      <h2 className="border-b-2 border-ink pb-1 text-lg">Devices that protect</h2>
      {known.page.devices.length === 0 && <p className="py-2 text-ink-2">None yet.</p>}
      <KeptDevices devices={known.page.devices} onSelect={onSelect} />
      <div className="mt-6">
        <Items house={house} onSelect={onSelect} />
      </div>
    </div>
  );
}
