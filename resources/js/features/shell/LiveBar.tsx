import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { Breakers } from "@/features/live/Breakers";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import { useWide } from "@/lib/useWide";
import type { Breaker } from "@/types/pages";
import { counted } from "./jobs";

interface Props {
  house: HouseInHand;
}

/** Breakers that are named one by one; of more, and on a phone, their slots. */
const NAMED = 2;

/** What is live now: what is off, what is proved dead and by whom, and the rest, live until it is proved dead. Opens the breakers. */
export function LiveBar({ house }: Props) {
  const { live } = house.sheet;
  const [open, setOpen] = useState(false);
  const wide = useWide();
  const off = live.filter((breaker) => breaker.off);
  const on = live.length - off.length;
  return (
    <section
      aria-label="Live or dead"
      className="flex min-w-0 flex-1 max-lg:min-h-12 max-lg:border-t max-lg:border-hair"
    >
      <button
        type="button"
        onClick={() => setOpen(true)}
        aria-label={`Breakers: ${off.length === 0 ? "none off" : `${off.length} off`}, ${on} live`}
        className="flex min-w-0 flex-1 cursor-pointer items-stretch text-left hover:bg-band"
      >
        {wide && off.length <= NAMED ? (
          off.map((breaker) => <Off key={breaker.id} breaker={breaker} />)
        ) : (
          <Slots off={off} />
        )}
        <Cell said={off.length === 0 ? "no point proved dead" : "live"} className="shrink-0 border-l-bare">
          {live.length === 0
            ? "Take everything as live"
            : off.length === 0
              ? `${counted(on, "circuit")} live`
              : wide
                ? `${on} other ${on === 1 ? "circuit" : "circuits"}`
                : `${on} others`}
        </Cell>
      </button>
      {open && <Breakers house={house} onClose={() => setOpen(false)} />}
    </section>
  );
}

/** Several that are off, in two cells whatever their number: where points are proved dead, and which slots are off. */
function Slots({ off }: { off: Breaker[] }) {
  const proofs = off.flatMap((breaker) => breaker.proofs);
  const last = proofs[0];
  if (off.length === 0) return null;
  return (
    <>
      {last && (
        <Cell said={`dead there only, ${clock(last.at)} ${last.who ?? ""}`} className={cn("border-l-ink", DEAD)}>
          {proofs.flatMap((proof) => proof.codes).join(", ")}
        </Cell>
      )}
      <Cell said={last ? "off" : "off, nowhere proved dead"} className="border-l-ink">
        {off.map((breaker) => breaker.slot).join(", ")}
      </Cell>
    </>
  );
}

/** Hatched as what is dead is drawn. */
const DEAD = "bg-[repeating-linear-gradient(135deg,transparent_0_6px,var(--hair)_6px_7px)]";

function Off({ breaker }: { breaker: Breaker }) {
  const proof = breaker.proofs[0];
  return (
    <Cell
      said={
        proof
          ? `dead at ${proof.codes.join(", ")} only, ${clock(proof.at)} ${proof.who ?? ""}`
          : "off, nowhere proved dead"
      }
      className={cn("border-l-ink", proof && DEAD)}
    >
      {breaker.slot} {breaker.label}
    </Cell>
  );
}

function Cell({ said, className, children }: { said: string; className: string; children: React.ReactNode }) {
  return (
    <span className={cn("flex min-w-0 flex-col justify-center border-l-[6px] px-3 lg:px-3.5", className)}>
      <span className="truncate text-xs text-ink-2 narrow">{said}</span>
      <span className="truncate leading-tight font-semibold narrow">{children}</span>
    </span>
  );
}
