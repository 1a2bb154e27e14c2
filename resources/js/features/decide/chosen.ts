/** What is looked at of all that may be decided, and figures as they are said. Pure. */

import type { PlanFigures, Strategy } from "@/types/pages";

/** A plan by its strategy, or one between them by its figures. */
export type PlanChosen = { strategy: Strategy; cost?: number; walks?: number };

/** A plan, with a line of the scope that is done beside it; or a draft. */
export type Chosen = (PlanChosen & { cure?: string }) | { draft: string };

export const FIRST: PlanChosen = { strategy: "fewest" };

/** The plan the scope is beside: of a draft, which has none, the cheapest. */
export function planOf(chosen: Chosen): PlanChosen {
  if ("draft" in chosen) return FIRST;
  const { cure: _, ...plan } = chosen;
  return plan;
}

export function isSame(one: Chosen, other: Chosen): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** One of those between the three. */
export function between(figures: PlanFigures): PlanChosen {
  return { strategy: "fewest", cost: figures.cost, walks: figures.walks };
}

const MONEY = new Intl.NumberFormat("en-US", { minimumFractionDigits: 0, maximumFractionDigits: 0 });
const EXACT = new Intl.NumberFormat("en-US", { minimumFractionDigits: 2, maximumFractionDigits: 2 });

export function money(sum: number): string {
  return MONEY.format(sum);
}

export function toTheCent(sum: number): string {
  return EXACT.format(sum);
}

/** Minutes as they are said on a job: 2 h 10. */
export function hours(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, "0")}`;
}
