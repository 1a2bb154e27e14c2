import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { VisitShown } from "@/types/pages";
import { practise } from "./ask";
import { type Deed, Kept } from "./kept";

export interface VisitInHand {
  /** Null until it has come for the first time. */
  shown: VisitShown | null;
  /** Why the last deed was not done, or that nobody answers. */
  refused: string | null;
  busy: boolean;
  deeds: Deed[];
  do: (deed: Deed) => void;
  /** The last deed is taken back, as if it had not been done. */
  undo: () => void;
  asksAdvice: () => void;
  withAdvice: boolean;
}

const UNREACHED = "Nobody answers: there is no signal, and practice is not on this phone yet. What you did is kept.";

/** A case under way: each deed is kept on this phone before it is answered. */
export function useVisit(name: string, user: string): VisitInHand {
  const kept = useMemo(() => new Kept(user), [user]);
  const [visit, setVisit] = useState(() => kept.visit(name));
  const [shown, setShown] = useState<VisitShown | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const turn = useRef(0);

  const show = useCallback(
    async (deeds: Deed[]): Promise<boolean> => {
      const mine = ++turn.current;
      setBusy(true);
      const said = await practise<VisitShown>("visit", { case: name, deeds });
      if (mine !== turn.current) return false;
      setBusy(false);
      if (said !== null && "answer" in said) {
        setShown(said.answer);
        setRefused(null);
        return true;
      }
      setRefused(said === null ? UNREACHED : said.refused);
      return said === null;
    },
    [name],
  );

  useEffect(() => {
    const found = kept.visit(name);
    setVisit(found);
    void show(found.deeds);
  }, [kept, name, show]);

  const work = useCallback(
    (next: typeof visit) => {
      kept.work(next);
      setVisit(next);
    },
    [kept],
  );

  return {
    shown,
    refused,
    busy,
    deeds: visit.deeds,
    do: (deed) => {
      const next = { ...visit, deeds: [...visit.deeds, deed] };
      work(next);
      // What cannot be done is not among the deeds.
      void show(next.deeds).then((done) => done || work(visit));
    },
    undo: () => {
      const next = { ...visit, deeds: visit.deeds.slice(0, -1) };
      work(next);
      void show(next.deeds);
    },
    withAdvice: visit.withAdvice,
    asksAdvice: () => work({ ...visit, withAdvice: true }),
  };
}
