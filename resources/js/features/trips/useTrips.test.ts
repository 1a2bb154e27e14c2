import { expect, test } from "vitest";
import type { StepCard } from "@/types/pages";
import { percent } from "./Suspects";
import { testsOf } from "./useTrips";

const card = (actions: Record<string, unknown>[]) => ({ actions }) as unknown as StepCard;

test("what was done before the last step is filed with it, and only the last is read", () => {
  const filed = testsOf(
    card([{ do: "unplug", appliance: "iron" }, { do: "reset" }, { do: "plug", appliance: "lamp" }]),
    {
      tripped: ["g"],
    },
  );
  expect(filed.map((one) => one.reading)).toEqual([
    { tripped: [] },
    { holds: true, tripped: [], no_power: false },
    { tripped: ["g"] },
  ]);
});

test("a chance is never said to be nothing or all that is not", () => {
  expect([0, 0.004, 0.2, 0.949, 0.9999, 1].map(percent)).toEqual(["0 %", "< 1 %", "20 %", "95 %", "> 99 %", "100 %"]);
});
