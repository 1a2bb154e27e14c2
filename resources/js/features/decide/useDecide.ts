import { useCallback, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { type Asked, useAsked } from "@/lib/useAsked";
import type { BillShown, DecidePage, PlanPage, ScopePage } from "@/types/pages";
import { type Chosen, FIRST, planOf } from "./chosen";

export interface DecideInHand {
  page: DecidePage | null;
  asked: Asked;
  chosen: Chosen;
  choose: (chosen: Chosen) => void;
  /** The plan or draft that is chosen, on the drawings; null while it is worked out. */
  plan: PlanPage | null;
  planAsked: Asked;
  scope: ScopePage | null;
  scopeAsked: Asked;
  /** Keys of the lines that are to be done; null while nothing was ticked otherwise than needed. */
  ticked: Set<string>;
  tick: (key: string) => void;
  /** What the ticked lines come to. */
  bill: BillShown | null;
}

interface Known<T> {
  of: string;
  body: T;
}

/** What may be decided of the house on screen: asked for once it is wanted, and anew whenever the house has changed. */
export function useDecide(house: HouseInHand, wanted: boolean): DecideInHand {
  const { version } = house;
  const [page, setPage] = useState<Known<DecidePage> | null>(null);
  const [plan, setPlan] = useState<Known<PlanPage> | null>(null);
  const [scope, setScope] = useState<Known<ScopePage> | null>(null);
  const [bill, setBill] = useState<Known<BillShown> | null>(null);
  const [chosen, choose] = useState<Chosen>(FIRST);
  const [own, setOwn] = useState<Set<string> | null>(null);
  const name = `${version} ${JSON.stringify(chosen)}`;
  const asked = useAsked<DecidePage>(house.ask, "plans", wanted && page?.of !== version ? version : null, (body) =>
    setPage({ of: version, body }),
  );
  // The plans first: a house that changes again meanwhile is not worked out three times for what nobody will see.
  const ready = wanted && page?.of === version;
  const withBody =
    (body: Record<string, unknown>, takesLong = false) =>
    <T>(path: string) =>
      house.ask<T>(path, body, takesLong);
  const isDraft = "draft" in chosen;
  const isCure = "cure" in chosen;
  const beside = planOf(chosen);
  const besideName = `${version} ${JSON.stringify(beside)}`;
  const planAsked = useAsked<PlanPage>(
    withBody({ ...chosen }, isCure),
    isDraft ? "plans/draft" : isCure ? "plans/cure" : "plans/plan",
    ready && plan?.of !== name ? name : null,
    (body) => setPlan({ of: name, body }),
  );
  const scopeAsked = useAsked<ScopePage>(
    withBody({ ...beside }, true),
    "plans/scope",
    ready && scope?.of !== besideName ? besideName : null,
    (body) => setScope({ of: besideName, body }),
  );
  const lines = scope?.body.lines ?? [];
  const ticked = own ?? new Set(lines.filter((line) => line.needed).map((line) => line.key));
  const steps = lines.filter((line) => ticked.has(line.key)).flatMap((line) => line.steps);
  const sum = `${scope?.of ?? ""} ${[...ticked].join("|")}`;
  useAsked<BillShown>(
    withBody({ steps }),
    "plans/bill",
    wanted && own !== null && scope !== null && bill?.of !== sum ? sum : null,
    (body) => setBill({ of: sum, body }),
  );
  return {
    page: page?.body ?? null,
    asked,
    chosen,
    choose,
    plan: plan?.of === name ? plan.body : null,
    planAsked,
    scope: scope?.body ?? null,
    scopeAsked,
    ticked,
    tick: useCallback(
      (key) =>
        setOwn((before) => {
          const next = new Set(before ?? ticked);
          if (!next.delete(key)) next.add(key);
          return next;
        }),
      [ticked],
    ),
    bill: own === null ? (scope?.body.bill ?? null) : (bill?.body ?? null),
  };
}
