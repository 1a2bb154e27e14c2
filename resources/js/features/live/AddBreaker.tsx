import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { Button } from "@/ui/Button";
import { Tap, Taps } from "@/ui/Taps";

const AMPS = ["15", "20", "30", "40", "50"];

const TYPES: [string, string][] = [
  ["standard", "Standard"],
  ["gfci", "GFCI"],
  ["afci", "AFCI"],
  ["dual", "Dual"],
];

/** A breaker by taps: where it sits, its amperes, one or two poles, which type, and what its label says. */
export function AddBreaker({ house }: { house: HouseInHand }) {
  const [open, setOpen] = useState(false);
  const [slot, setSlot] = useState<number | null>(null);
  const [amps, setAmps] = useState("20");
  const [poles, setPoles] = useState<"1" | "2">("1");
  const [breaker, setBreaker] = useState("standard");
  const [label, setLabel] = useState<string | null>(null);
  const { freeSlots, rooms } = house.sheet;
  const slots = poles === "2" ? freeSlots.filter((one) => freeSlots.includes(one + 2)) : freeSlots;
  const labels = [...new Set([...rooms.map((room) => room.name), "Dryer", "Range", "Furnace", "Lights"])];
  if (!open)
    return (
      <Button className="m-4" onClick={() => setOpen(true)}>
        + Breaker
      </Button>
    );
  return (
    <section aria-label="A breaker more" className="flex flex-col gap-3 border-t-2 border-ink p-4">
      <Taps legend="Amperes" options={AMPS.map((one) => [one, `${one} A`])} chosen={[amps]} onTap={setAmps} />
      <Taps
        legend="Poles"
        options={[
          ["1", "One, 120 V"],
          ["2", "Two, 240 V"],
        ]}
        chosen={[poles]}
        onTap={setPoles}
      />
      <Taps legend="Type" options={TYPES} chosen={[breaker]} onTap={setBreaker} />
      <fieldset>
        <legend className="mb-1 font-semibold narrow">Slot{poles === "2" && ", the upper of the two"}</legend>
        <div className="grid grid-cols-6 gap-1.5 lg:grid-cols-12">
          {slots.map((one) => (
            <Tap
              key={one}
              pressed={slot === one}
              label={`Slot ${one}`}
              className="text-center"
              onTap={() => setSlot(one)}
            >
              {one}
            </Tap>
          ))}
        </div>
      </fieldset>
      <Taps
        legend="What its label says"
        options={labels.map((one) => [one, one])}
        chosen={label === null ? [] : [label]}
        onTap={(next) => setLabel(next === label ? null : next)}
      />
      <Button
        tone="main"
        disabled={slot === null || !slots.includes(slot)}
        onClick={() => {
          if (slot === null) return;
          void house.send({
            path: "survey/breakers",
            slot,
            amps: Number(amps),
            two_poles: poles === "2",
            breaker,
            label,
          });
          setSlot(null);
          setLabel(null);
        }}
      >
        {slot === null ? "Pick its slot" : `Add breaker ${poles === "2" ? `${slot}/${slot + 2}` : slot}`}
      </Button>
    </section>
  );
}
