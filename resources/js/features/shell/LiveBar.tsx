import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { Breakers } from "@/features/live/Breakers";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import type { Breaker } from "@/types/pages";

interface Props {
  house: HouseInHand;
}

const NAMED = 2;

/** What is live now: what is off, what is proved dead and by whom, and the rest, live until it is proved dead. Opens the breakers. */
export function LiveBar({ house }: Props) {
  const { live, mains } = house.sheet;
  const [open, setOpen] = useState(false);
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
        {off.slice(0, NAMED).map((breaker) => (
          <Off key={breaker.id} breaker={breaker} />
        ))}
        {off.length > NAMED && (
          <Cell said="and off" className="border-l-ink">
            {off.length - NAMED} more
          </Cell>
        )}
        <Cell said={off.length === 0 ? "no point proved dead" : "live"} className="border-l-bare">
          {live.length === 0
            ? "Take everything as live"
            : off.length === 0
              ? `${on === 1 ? "1 circuit" : `${on} circuits`} live`
              : `${on} other ${on === 1 ? "circuit" : "circuits"}`}
        </Cell>
      </button>
      {open && (
        <Breakers
          live={live}
          mains={mains}
          onTurn={house.turn}
          onMain={(panel, on) => void house.send({ path: "mains", panel, on })}
          onClose={() => setOpen(false)}
        />
      )}
    </section>
  );
}

function Off({ breaker }: { breaker: Breaker }) {
  const proof = breaker.proofs[0];
  return (
    <Cell
      said={
        proof
          ? `dead at ${proof.codes.join(", ")} only, ${clock(proof.at)} ${proof.who ?? ""}`
          : "off, nowhere proved dead"
      }
      className={cn(
        "border-l-ink",
        proof && "bg-[repeating-linear-gradient(135deg,transparent_0_6px,var(--hair)_6px_7px)]",
      )}
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
