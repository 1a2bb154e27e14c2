import type { Asking } from "./asking";

/** What a walk asks: the heading says what a tap means, so that it cannot be taken the other way round. */
export function question({ kind, stage }: Pick<Asking, "kind" | "stage">): [string, string] {
  if (stage === "before")
    return ["Tap what is dead before TEST", "Walk round first: what has no power already proves nothing later."];
  if (stage === "back") return ["RESET: tap what is still dead", "All that came back is left as it is."];
  if (kind === "off")
    return ["Breaker off: tap what went dead", "Rooms in walking order. What stayed live is left as it is."];
  if (kind === "trip")
    return ["TEST pressed: tap what went dead", "Rooms in walking order. What stayed live is left as it is."];
  return ["Lifted, breaker on: tap what is dead", "That pair is capped, all else as it was. This outlet too."];
}

/** The tap that ends a walk: those that were not tapped were walked past and live. */
export function stayed(rest: number, skipped = 0): string {
  const left = skipped === 0 ? "" : `, ${skipped} not checked`;
  if (rest === 0) return skipped === 0 ? "Nothing else is left" : `Nothing else stayed live${left}`;
  return (rest === 1 ? "The other one stayed live" : `The other ${rest} stayed live`) + left;
}
