import { Suspense, useState } from "react";
import { useReach } from "@/data/reach";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import { useWide } from "@/lib/useWide";
import type { Breaker } from "@/types/pages";
import { counted } from "./jobs";

const Breakers = lazily(async () => (await import("@/features/live/Breakers")).Breakers);

interface Props {
  house: HouseInHand;
}

/** Breakers that are named one by one; of more, and on a phone, their slots. */
const NAMED = 2;

/** What is live now: what is off, what is proved dead and by whom, and the rest, live until it is proved dead. Opens the breakers. */
export function LiveBar({ house }: Props) {
  // Where the engine does not work it out, every proof is older than the last word of the others.
  const grey = house.heardAt !== null && !house.here;
  const live = grey ? house.sheet.live.map(unheard) : house.sheet.live;
  const [open, setOpen] = useState(false);
  const wide = useWide();
  const off = live.filter((breaker) => breaker.off);
  const { heardAt } = house;
  const { answers } = useReach();
  const unsent = house.told.filter((one) => one.refusal === undefined && TURNED.test(one.path)).length;
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
        {(heardAt !== null || unsent > 0) && (
          <Cell
            said={unsent > 0 ? `${unsent} not yet known to others` : "what this phone knows"}
            className="shrink border-l-advised"
          >
            {heardAt === null
              ? answers
                ? "on its way"
                : "kept here"
              : wide
                ? `nothing heard since ${clock(heardAt)}`
                : `since ${clock(heardAt)}`}
          </Cell>
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
      <Suspense>{open && <Breakers house={house} onClose={() => setOpen(false)} />}</Suspense>
    </section>
  );
}

/** Several that are off, in two cells whatever their number: where points are proved dead, and which slots are off. */
function Slots({ off }: { off: Breaker[] }) {
  const proofs = off.flatMap((breaker) => breaker.proofs);
  const last = proofs.find((proof) => !proof.unheard) ?? proofs[0];
  if (off.length === 0) return null;
  return (
    <>
      {last && (
        <Cell
          said={last.unheard ? GREY : `dead there only, ${clock(last.at)} ${last.who ?? ""}`}
          className={last.unheard ? "border-l-edge text-ink-2" : cn("border-l-ink", DEAD)}
        >
          {proofs.flatMap((proof) => proof.codes).join(", ")}
        </Cell>
      )}
      <Cell said={last ? "off" : "off, nowhere proved dead"} className="border-l-ink">
        {off.map((breaker) => breaker.slot).join(", ")}
      </Cell>
    </>
  );
}

function unheard(breaker: Breaker): Breaker {
  return { ...breaker, proofs: breaker.proofs.map((proof) => ({ ...proof, unheard: true })) };
}

/** What others should know of before they touch anything. */
const TURNED = /^(breakers|mains|locks|proofs)$|\/box$/;

/** Of a proof that others may have ended since, unheard here. */
const GREY = "proved before, not known now: prove again";

/** Hatched as what is dead is drawn. */
const DEAD = "bg-[repeating-linear-gradient(135deg,transparent_0_6px,var(--hair)_6px_7px)]";

function Off({ breaker }: { breaker: Breaker }) {
  const proof = breaker.proofs[0];
  return (
    <Cell
      said={
        proof?.unheard
          ? GREY
          : proof
            ? `dead at ${proof.codes.join(", ")} only, ${clock(proof.at)} ${proof.who ?? ""}`
            : "off, nowhere proved dead"
      }
      className={proof?.unheard ? "border-l-edge text-ink-2" : cn("border-l-ink", proof && DEAD)}
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
