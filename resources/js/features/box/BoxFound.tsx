import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BoxPage, TapShown } from "@/types/pages";
import { Button } from "@/ui/Button";

/** The box as it is found, in the order of the hand: what is not well is a tap, and the rest is well in one. */
export function BoxFound({ house, box }: { house: HouseInHand; box: BoxPage }) {
  const open = box.taps.filter((tap) => !isNoted(tap)).length + box.checks.filter((check) => check.ok === null).length;
  const note = (tap: TapShown, value: unknown) =>
    house.change([{ in: "points", id: box.point, set: { box: { [tap.field]: value } } }]);
  return (
    <section aria-label="The box as found" className="border-t-2 border-ink pt-3">
      <h3 className="mb-1 text-base">The box as found</h3>
      {box.taps.map((tap) => (
        <fieldset key={tap.field} aria-label={tap.ask} className="border-t border-hair py-1.5 first-of-type:border-t-0">
          <p className="text-sm font-semibold">
            {tap.ask}
            {tap.said !== null && <span className="ml-2 font-normal text-ink-2">noted: {tap.said}</span>}
          </p>
          <div className="flex flex-wrap gap-1.5 pt-1">
            {tap.choices.map((choice) => (
              <button
                key={choice.label}
                type="button"
                aria-pressed={choice.now}
                onClick={() => note(tap, choice.now ? null : choice.value)}
                className={cn(
                  "min-h-9 cursor-pointer border-[1.5px] border-edge bg-raised px-2.5 text-sm font-semibold narrow",
                  "hover:bg-band max-lg:min-h-12",
                  choice.now && choice.well === true && "border-kept bg-kept-ground text-kept",
                  choice.now && choice.well === false && "border-bare bg-bare-ground text-bare",
                  choice.now && choice.well === null && "border-ink bg-ink text-on-ink",
                )}
              >
                {choice.label}
              </button>
            ))}
          </div>
        </fieldset>
      ))}
      <Button
        tone="main"
        className="mt-2 w-full"
        disabled={open === 0}
        onClick={() => void house.send({ path: `outlets/${encodeURIComponent(box.point)}/well` })}
      >
        {open === 0 ? "All of it is noted" : "The rest is well"}
      </Button>
    </section>
  );
}

function isNoted(tap: TapShown): boolean {
  return tap.said !== null || tap.choices.some((choice) => choice.now) || tap.choices.every((one) => one.well === null);
}
