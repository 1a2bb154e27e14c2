import type { Request } from "./requests";

/** What something is called while it waits to be sent, or was refused. */
export function nameOf(request: Request): string {
  const { path } = request;
  const named = NAMES.find(([pattern]) => pattern.test(path));
  return named ? named[1] : "A change";
}

const NAMES: [RegExp, string][] = [
  [/^undo$/, "Undo"],
  [/^redo$/, "Redo"],
  [/^readings$/, "A reading"],
  [/^observations$/, "Something seen"],
  [/^observations\/.*withdraw$/, "An observation withdrawn"],
  [/^breakers$/, "A breaker turned"],
  [/^mains$/, "A main turned"],
  [/^locks$/, "A lock"],
  [/^proofs$/, "A proof of dead"],
  [/^outlets\/.*\/box$/, "How open a box is"],
  [/^outlets\/.*\/checks$/, "A check of a box"],
  [/^outlets\/.*\/well$/, "All of a box well"],
  [/^outlets\/.*\/backs$/, "The back of a device"],
  [/^outlets\/.*\/wires$/, "Where a wire sits"],
  [/^outlets\/.*\/pairs$/, "What is seen of a pair"],
  [/^outlets\/.*\/tests$/, "A test of a device"],
  [/^outlets\/.*\/notes$/, "A note"],
  [/^items/, "Something to be done"],
  [/^round$/, "The test round"],
  [/^work\/replaced$/, "Another device put in"],
  [/^call/, "The call"],
  [/^survey\/rooms$/, "A room"],
  [/^survey\/outlets$/, "An outlet"],
  [/^survey\/water$/, "Water in a room"],
  [/^survey\/breakers$/, "A breaker"],
  [/^survey\/appliances$/, "An appliance"],
  [/^(survey|rooms)\//, "A room put right"],
  [/^order/, "Order of the walk"],
  [/^removals/, "Something taken out"],
  [/^runs\/keep$/, "Runs written into the house"],
  [/^drafts$/, "A draft kept"],
  [/^drafts\/.*carry-out$/, "A draft carried out"],
  [/^drafts\/.*drop$/, "A draft dropped"],
];
