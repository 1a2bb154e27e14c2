import { useState } from "react";
import { cn } from "@/lib/cn";
import type { Room, RunsPage } from "@/types/pages";

import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import { type Asking, filed, tapped, walked } from "./asking";
import { question, stayed } from "./questions";

interface Props {
  asking: Asking;
  sheet: RunsPage;
  rooms: Room[];
  onChange: (asking: Asking) => void;
  onFile: (observation: NonNullable<ReturnType<typeof filed>>) => void;
}

/** One walk through the house: tap what is dead, and the rest stayed live with one tap. */
export function Walk({ asking, sheet, rooms, onChange, onFile }: Props) {
  const { kind, stage } = asking;
  const [skips, setSkips] = useState(false);
  if (kind === "open" || kind === "button") return null;
  const groups = walked(asking, sheet, rooms);
  const inWalk = groups.flatMap(({ outlets }) => outlets.map((outlet) => outlet.id));
  const [heading, hint] = question(asking);
  const marked = stage === "before" ? asking.before : stage === "back" ? asking.notBack : asking.dead;
  const pressed = kind === "trip" ? asking.at : null;
  const asked = inWalk.filter((id) => id !== pressed && (stage === "before" || !asking.before.includes(id)));
  const shown = stage === "back" ? asked.filter((id) => asking.dead.includes(id)) : asked;
  const skipped = shown.filter((id) => asking.skipped.includes(id));
  const rest = shown.length - marked.length - skipped.length;
  const file = () => {
    const observation = filed(asking, asked);
    if (observation) onFile(observation);
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <h2 className="text-2xl">{heading}</h2>
      <p className="mb-1 text-ink-2">{hint}</p>
      {stage !== "back" && (
        <Segments
          label="What a tap says"
          value={skips ? "skip" : "dead"}
          options={[
            ["dead", "Tap: dead"],
            ["skip", "Tap: not checked"],
          ]}
          onChange={(what) => setSkips(what === "skip")}
        />
      )}
      {groups.map(({ room, outlets }) => {
        const here = outlets.filter((outlet) => outlet.id === pressed || shown.includes(outlet.id));
        return here.length === 0 ? null : (
          <fieldset key={room.id} className="mt-2">
            <legend className="mb-1 font-bold narrow">
              <span className="code text-sm">{room.code}</span> {room.name}
            </legend>
            <div className="grid grid-cols-4 gap-2">
              {here.map((outlet) => (
                <button
                  key={outlet.id}
                  type="button"
                  disabled={outlet.id === pressed}
                  aria-pressed={marked.includes(outlet.id)}
                  aria-label={`${outlet.code} ${outlet.name}${skipped.includes(outlet.id) ? ", not checked" : ""}`}
                  onClick={() => onChange(tapped(asking, outlet.id, skips && stage !== "back"))}
                  className={cn(
                    "flex min-h-14 cursor-pointer flex-col items-center justify-center border-2 border-ink bg-raised px-1 max-lg:min-h-16",
                    marked.includes(outlet.id) && "bg-ink text-on-ink",
                    skipped.includes(outlet.id) && "border-dashed border-edge text-ink-2",
                    outlet.id === pressed && "cursor-default border-kept bg-kept-ground",
                  )}
                >
                  <span className="code">{outlet.code.split("-").pop()}</span>
                  <span className="max-w-full truncate text-[0.7rem] narrow">
                    {outlet.id === pressed
                      ? "pressed"
                      : marked.includes(outlet.id)
                        ? "dead"
                        : skipped.includes(outlet.id)
                          ? "not checked"
                          : outlet.name}
                  </span>
                </button>
              ))}
            </div>
          </fieldset>
        );
      })}
      <div className="sticky bottom-0 mt-auto border-t-2 border-ink bg-raised pt-2 pb-3">
        <p className="mb-1.5 text-ink-2">
          <b className="text-ink">{marked.length} dead</b>, {rest} not tapped
          {skipped.length > 0 && `, ${skipped.length} not checked`}
        </p>
        {stage === "before" && (
          <Button
            tone="main"
            className="min-h-14 w-full text-lg"
            onClick={() => onChange({ ...asking, stage: "seen" })}
          >
            {marked.length === 0 ? "Nothing is dead: TEST pressed" : "That was all: TEST pressed"}
          </Button>
        )}
        {stage === "seen" && kind === "trip" && (
          <Button
            tone="main"
            className="min-h-14 w-full text-lg"
            onClick={() => onChange({ ...asking, stage: "back" })}
          >
            {stayed(rest, skipped.length)}: RESET
          </Button>
        )}
        {stage === "seen" && kind !== "trip" && (
          <>
            <Button tone="main" className="min-h-14 w-full text-lg" onClick={file}>
              {stayed(rest, skipped.length)}
            </Button>
            {marked.length > 0 && rest > 0 && (
              <Button
                tone="bare"
                className="mt-1 w-full underline"
                onClick={() => onChange({ ...asking, skipped: shown.filter((id) => !marked.includes(id)) })}
              >
                I have not been at the others
              </Button>
            )}
          </>
        )}
        {stage === "back" && (
          <Button tone="main" className="min-h-14 w-full text-lg" onClick={file}>
            {marked.length === 0 ? "All back" : `${marked.length} still dead, the rest is back`}
          </Button>
        )}
      </div>
    </div>
  );
}
