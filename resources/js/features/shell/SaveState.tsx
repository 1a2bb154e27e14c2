import { Suspense, useState } from "react";
import { useReach } from "@/data/reach";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";

const Waiting = lazily(async () => (await import("./Waiting")).Waiting);

/** Whether the server has everything: how many wait here, how many it refused. A tap lists them. */
export function SaveState({ house }: { house: HouseInHand }) {
  const [open, setOpen] = useState(false);
  const { answers, signedOut } = useReach();
  const last = house.sheet.house.lastChange;
  const waiting = house.told.filter((one) => one.refusal === undefined);
  const refused = house.told.length - waiting.length;
  const isKept = waiting.length > 0 && (!answers || signedOut);
  const words =
    refused > 0
      ? `${refused} refused`
      : waiting.length === 0
        ? answers
          ? "sent"
          : "no signal"
        : isKept
          ? `kept here, ${waiting.length} waiting`
          : `sending ${waiting.length}…`;
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="min-h-11 min-w-12 cursor-pointer px-2 text-right text-xs text-ink-2 hover:bg-band max-lg:min-h-12"
        title={last === null ? undefined : `${last.who ?? "Somebody"}: ${last.summary}`}
      >
        <span role="status" className="block whitespace-nowrap max-lg:max-w-24 max-lg:whitespace-normal">
          <span
            className={cn(
              refused > 0
                ? "font-bold text-bare"
                : isKept || !answers
                  ? "font-bold text-advised"
                  : "font-semibold text-kept",
            )}
          >
            {words}
          </span>
          <span className="max-lg:sr-only lg:block">
            {last === null ? "as taken in" : `change ${house.sheet.house.revision}, ${clock(last.at)}`}
          </span>
        </span>
      </button>
      <Suspense>{open && <Waiting house={house} onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
