import { PermitDate } from "@/features/house/PermitDate";
import type { HouseInHand } from "@/features/house/useHouse";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import type { Jurisdiction } from "@/types/jurisdiction";
import { Choose } from "@/ui/Choose";

interface Props {
  house: HouseInHand;
  choices: OutletChoices;
  jurisdictions: Jurisdiction[];
}

const PLACE = "place:";

/** By which edition the house is judged, or by which of the crew's jurisdictions, and for which kind of work. */
export function JudgedBy({ house, choices, jurisdictions }: Props) {
  const head = house.sheet.house;
  const taken = jurisdictions.find((place) => place.name === head.jurisdiction);
  const take = (value: string) => {
    const place = jurisdictions.find((one) => PLACE + one.id === value);
    const code = place
      ? { edition: place.edition, amendments: place.amendments, x: { jurisdiction: place.name } }
      : { edition: value, amendments: null, x: null };
    house.change([{ in: "house", set: { code } }]);
  };
  return (
    <div className="flex items-center gap-2 max-lg:order-2 max-lg:w-full">
      <Choose
        label="Edition it is judged by"
        value={taken ? PLACE + taken.id : head.edition}
        options={[
          ...choices.edition,
          ...jurisdictions.map((place) => ({ value: PLACE + place.id, label: place.name })),
        ]}
        onChange={take}
        className="max-lg:flex-1"
      />
      <Choose
        label="Kind of work"
        value={head.work}
        options={choices.work}
        onChange={(work) => house.change([{ in: "house", set: { work } }])}
        className="max-lg:flex-1"
      />
      {house.sheet.rooms.some((room) => room.outlets.some((outlet) => outlet.deferral !== null)) && (
        <PermitDate
          key={head.permitDate}
          date={head.permitDate}
          onChange={(permit_date) => house.change([{ in: "house", set: { permit_date } }])}
        />
      )}
      {head.coreRulesOnly && <span className="narrow text-sm font-semibold text-advised">core rules only</span>}
    </div>
  );
}
