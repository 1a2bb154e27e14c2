import { useState } from "react";
import type { Patch } from "@/features/house/requests";
import type { HouseInHand } from "@/features/house/useHouse";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Segments } from "@/ui/Segments";
import { Sheet } from "@/ui/Sheet";

interface Props {
  house: HouseInHand;
  choices: OutletChoices;
  onClose: () => void;
}

type What = "device" | "breaker" | "move";

/** What if a device, a breaker or the place of a device were another: kept as a draft, and looked at there. */
export function WhatIf({ house, choices, onClose }: Props) {
  const outlets = house.sheet.rooms.flatMap((room) => room.outlets).filter((outlet) => outlet.kind === "receptacle");
  const breakers = house.sheet.live;
  const [what, setWhat] = useState<What>("device");
  const [point, setPoint] = useState(outlets[0]?.id ?? "");
  const [to, setTo] = useState(outlets[1]?.id ?? "");
  const [circuit, setCircuit] = useState(breakers[0]?.id ?? "");
  const [device, setDevice] = useState("gfci");
  const [breaker, setBreaker] = useState("gfci");
  const named = (list: { value: string; label: string }[], value: string) =>
    list.find((one) => one.value === value)?.label ?? value;
  const places = outlets.map((outlet) => ({ value: outlet.id, label: `${outlet.code} ${outlet.name}` }));
  const slots = breakers.map((one) => ({ value: one.id, label: `${one.slot} ${one.label}` }));
  const from = outlets.find((outlet) => outlet.id === point);
  const code = (id: string) => outlets.find((outlet) => outlet.id === id)?.code ?? id;
  const [name, changes]: [string, Patch[]] =
    what === "breaker"
      ? [
          `${named(choices.breaker, breaker)} at ${named(slots, circuit)}`,
          [{ in: "circuits", id: circuit, set: { breaker } }],
        ]
      : what === "device"
        ? [`${named(choices.device, device)} at ${code(point)}`, [{ in: "points", id: point, set: { device } }]]
        : [
            `${from?.deviceName ?? "Device"} of ${code(point)} at ${code(to)}`,
            [
              { in: "points", id: point, set: { device: "standard" } },
              { in: "points", id: to, set: { device: from?.device ?? "standard" } },
            ],
          ];
  return (
    <Sheet title="What if" onClose={onClose} foot>
      <div className="flex flex-col gap-3 p-4">
        <Segments
          label="What would be another"
          value={what}
          options={[
            ["device", "A device"],
            ["breaker", "A breaker"],
            ["move", "A device moved"],
          ]}
          onChange={setWhat}
        />
        {what === "breaker" ? (
          <>
            <LabelledChoose label="The breaker" value={circuit} options={slots} onChange={setCircuit} />
            <LabelledChoose label="Would be" value={breaker} options={choices.breaker} onChange={setBreaker} />
          </>
        ) : (
          <LabelledChoose
            label={what === "move" ? "The device of" : "The device at"}
            value={point}
            options={places}
            onChange={setPoint}
          />
        )}
        {what === "device" && (
          <LabelledChoose label="Would be" value={device} options={choices.device} onChange={setDevice} />
        )}
        {what === "move" && <LabelledChoose label="Would be at" value={to} options={places} onChange={setTo} />}
        <Button
          tone="main"
          disabled={what === "move" && point === to}
          onClick={() => {
            void house.send({ path: "drafts", name, changes });
            onClose();
          }}
        >
          Keep it as a draft
        </Button>
      </div>
    </Sheet>
  );
}
