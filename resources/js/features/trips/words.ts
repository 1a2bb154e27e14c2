import type { SymptomKind, SymptomWhen } from "@/types/pages";

export const KINDS: Record<SymptomKind, string> = {
  trips: "It trips",
  dead: "Dead",
  will_not_reset: "Will not reset",
  will_not_trip: "Does not trip when tested",
  reads_wrong: "Tester reads wrong",
  shock: "A tingle was felt",
  overload: "Breaker opens under load",
};

export const WHENS: Record<SymptomWhen, string> = {
  at_once: "At once",
  with_load: "Under load",
  random: "Now and then",
  wet: "In the wet",
  unknown: "Not known when",
};
