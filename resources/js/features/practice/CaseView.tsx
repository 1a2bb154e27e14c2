import { useEffect, useMemo, useState } from "react";
import { newId } from "@/data/ahead";
import { get } from "@/lib/api";
import type { AfterwardsShown } from "@/types/pages";
import { AfterwardsView } from "./AfterwardsView";
import { onPhone } from "./ask";
import { Kept } from "./kept";
import { useVisit } from "./useVisit";
import { VisitView } from "./VisitView";

interface Props {
  name: string;
  user: string;
  onAgain: (name: string) => void;
  onLeave: () => void;
}

const ASK_AGAIN_MS = 1000;

/** A case from its call to how it went. */
export function CaseView({ name, user, onAgain, onLeave }: Props) {
  const visit = useVisit(name, user);
  const kept = useMemo(() => new Kept(user), [user]);
  const [ended, setEnded] = useState<{ id: string; named: string | null } | null>(null);
  const [went, setWent] = useState<AfterwardsShown | null>(null);
  const [failed, setFailed] = useState(false);
  const { deeds } = visit;

  useEffect(() => {
    if (ended === null) return;
    let gone = false;
    let timer = 0;
    const look = async () => {
      const sent = await kept.send();
      const reply = sent
        ? await get<{ afterwards: AfterwardsShown | null; failed: boolean }>(`/practice/visits/${ended.id}`)
        : null;
      if (gone) return;
      if (reply?.kind === "done") {
        if (reply.body.afterwards !== null) setWent(reply.body.afterwards);
        else if (reply.body.failed) setFailed(true);
        else timer = window.setTimeout(look, ASK_AGAIN_MS);
        return;
      }
      // Without a signal it is worked out here.
      const said = await onPhone<AfterwardsShown>("afterwards", { case: name, deeds, named: ended.named });
      if (gone) return;
      if (said !== null && "answer" in said) setWent(said.answer);
      else setFailed(true);
    };
    void look();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [ended, kept, name, deeds]);

  if (went !== null) return <AfterwardsView went={went} onAgain={onAgain} onLeave={onLeave} />;
  if (failed)
    return (
      <p role="alert" className="py-6">
        How it went could not be worked out here. What you did is kept, and counts.
      </p>
    );
  if (ended !== null)
    return (
      <p role="status" className="py-6 text-lg">
        The road of the best next tests is being worked out: some seconds …
      </p>
    );
  return (
    <VisitView
      name={name}
      visit={visit}
      onEnd={(named) => {
        const id = newId();
        kept.ends({ kind: "visits", body: { id, case: name, deeds, named, with_advice: visit.withAdvice } });
        kept.drop(name);
        setEnded({ id, named });
      }}
    />
  );
}
