import { useState } from "react";
import { useReach } from "@/data/reach";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import { Sheet } from "@/ui/Sheet";

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
        className="min-h-11 cursor-pointer px-2 text-right text-xs text-ink-2 hover:bg-band max-lg:min-h-12"
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
      {open && <Waiting house={house} onClose={() => setOpen(false)} />}
    </>
  );
}

/** What is kept on this phone and the server does not have. */
function Waiting({ house, onClose }: { house: HouseInHand; onClose: () => void }) {
  const { answers } = useReach();
  return (
    <Sheet title="What this phone keeps" onClose={onClose}>
      <p className="px-4 py-3 text-ink-2">
        {house.told.length === 0
          ? "The server has everything that was told here."
          : answers
            ? "Kept on this phone until the server has it, and sent in this order."
            : "There is no signal. Everything here is kept on this phone, and sent in this order when there is."}
        {house.heardAt !== null && ` Nothing was heard of the others since ${clock(house.heardAt)}.`}
      </p>
      <ol className="border-t border-hair">
        {house.told.map((one) => (
          <li key={one.id} className="flex items-baseline gap-3 border-b border-hair px-4 py-2">
            <span className="text-sm whitespace-nowrap text-ink-2">{clock(one.at)}</span>
            <span className={cn("flex-1", one.path === "entry" && "code")}>{one.name}</span>
            <span className={cn("text-sm", one.refusal ? "font-bold text-bare" : "text-ink-2")}>
              {one.refusal ? "refused" : "waits"}
            </span>
          </li>
        ))}
      </ol>
    </Sheet>
  );
}
