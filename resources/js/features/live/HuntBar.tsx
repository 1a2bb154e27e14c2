import { usePage } from "@inertiajs/react";
import { useState } from "react";
import type { Slot } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import { PowerComesTo } from "./PowerComesTo";
import type { HuntInHand } from "./usePulse";

const list = (slots: Slot[]) => slots.map((one) => `${one.slot} ${one.label}`).join(", ");

/** Two phones at the panel, on both screens: who stands where, what is to be turned, and what is to be looked at. */
export function HuntBar({ hunt: { hunt, flipped, looked, end } }: { hunt: HuntInHand }) {
  const { user } = usePage<{ user: { id: string } | null }>().props;
  const mine = hunt !== null && hunt.by === user?.id ? "outlet" : "panel";
  const [chosen, choose] = useState<"outlet" | "panel" | null>(null);
  if (!hunt) return null;
  const place = chosen ?? mine;
  const over = hunt.phase === "found" || hunt.phase === "none";
  return (
    <section
      aria-label="Looking for a breaker"
      className="border-b-2 border-ink bg-raised px-4 py-3"
      aria-live="polite"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="text-ink-2">
          Which breaker is <b className="code text-ink">{hunt.code}</b> on?{" "}
          {over ? "" : `${hunt.left} ${hunt.left === 1 ? "is" : "are"} left.`}
        </p>
        {!over && (
          <Segments
            label="Where you stand"
            value={place}
            options={[
              ["outlet", "I am at the outlet"],
              ["panel", "I am at the panel"],
            ]}
            onChange={choose}
          />
        )}
        <Button size="small" tone="bare" className="ml-auto underline" onClick={end}>
          {over ? "Done" : "Stop looking"}
        </Button>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        {hunt.phase === "flip" && place === "panel" && (
          <>
            <p className="text-2xl font-bold narrow">
              {hunt.on.length > 0 && !hunt.waits && <>Turn on {list(hunt.on)}. </>}
              {hunt.off.length > 0 ? `Turn off ${list(hunt.off)}.` : ""}
            </p>
            {hunt.on.length > 0 && (
              <PowerComesTo
                breaker={{
                  boxes: hunt.boxes.map((box) => `Before ${list(hunt.on)} goes on: ${box}`),
                  waits: hunt.waits,
                }}
              />
            )}
            {!hunt.waits && (
              <Button tone="main" className="max-lg:min-h-14 max-lg:w-full" onClick={flipped}>
                I have turned them
              </Button>
            )}
          </>
        )}
        {hunt.phase === "flip" && place === "outlet" && (
          <p className="text-2xl font-bold narrow">
            At the panel: {list(hunt.off)} {hunt.off.length === 1 ? "is" : "are"} being turned off. Watch the light.
          </p>
        )}
        {hunt.phase === "look" && place === "outlet" && (
          <>
            <p className="text-2xl font-bold narrow">Is the light out?</p>
            <Button tone="main" className="max-lg:min-h-14 max-lg:flex-1" onClick={() => looked(true)}>
              The light is out
            </Button>
            <Button className="max-lg:min-h-14 max-lg:flex-1" onClick={() => looked(false)}>
              The light is still lit
            </Button>
          </>
        )}
        {hunt.phase === "look" && place === "panel" && (
          <p className="text-2xl font-bold narrow">
            {list(hunt.off)} off. Waiting for {hunt.byName ?? "the other phone"} at the outlet.
          </p>
        )}
        {hunt.phase === "found" && (
          <p className="text-2xl font-bold narrow">
            {hunt.code} is on {list(hunt.found)}. It is off; now prove it dead at the outlet.
          </p>
        )}
        {hunt.phase === "none" && (
          <p className="text-2xl font-bold narrow">
            No listed breaker puts it out. Treat it as live: look for another panel, or a breaker that is not listed.
          </p>
        )}
      </div>
    </section>
  );
}
