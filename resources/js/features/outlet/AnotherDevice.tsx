import { useState } from "react";
import { ProofMark } from "@/features/prove/ProofMark";
import type { Outlet } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Taps } from "@/ui/Taps";

interface Props {
  outlet: Outlet;
  devices: Option[];
  /** Another device is in since now: of this kind. */
  onReplaced: (device: string) => void;
  onProve: () => void;
}

const STANDS = {
  open: "Worked on, and not proved yet",
  proved: "Worked on, and proved",
  failed: "Worked on, and not as it should be",
} as const;

/** A device that was put in, and how far it is proved since. */
export function AnotherDevice({ outlet, devices, onReplaced, onProve }: Props) {
  const [asking, ask] = useState(false);
  return (
    <section aria-label="Work done here" className="border-t-2 border-ink pt-3">
      {outlet.proof !== null && (
        <p className="mb-2 flex items-center gap-2">
          <ProofMark state={outlet.proof} />
          <b className="min-w-0 flex-1">{STANDS[outlet.proof]}</b>
          <Button size="small" onClick={onProve}>
            The round
          </Button>
        </p>
      )}
      {asking ? (
        <Taps
          legend="Which is in now?"
          options={devices.map((one): [string, string] => [
            one.value,
            one.value === outlet.device ? `${one.label}, as before` : one.label,
          ])}
          chosen={[]}
          onTap={(device) => {
            ask(false);
            onReplaced(device);
          }}
        />
      ) : (
        <Button size="small" onClick={() => ask(true)}>
          Another device was put in
        </Button>
      )}
    </section>
  );
}
