import { useEffect, useState } from "react";
import { percent } from "@/lib/number";
import type { PracticeAdvice } from "@/types/pages";
import { practise } from "./ask";
import type { Deed } from "./kept";

interface Props {
  name: string;
  deeds: Deed[];
}

/** What the application itself would do next, and whom it suspects: as on a real call. */
export function Advice({ name, deeds }: Props) {
  const [known, setKnown] = useState<{ of: number; advice: PracticeAdvice } | null>(null);
  useEffect(() => {
    let gone = false;
    void practise<PracticeAdvice>("advice", { case: name, deeds }).then((said) => {
      if (!gone && said !== null && "answer" in said) setKnown({ of: deeds.length, advice: said.answer });
    });
    return () => {
      gone = true;
    };
  }, [name, deeds]);
  if (known === null || known.of !== deeds.length) return <p className="py-2 text-ink-2">Thinking it through …</p>;
  const { advice } = known;
  if (!advice.traced)
    return (
      <p className="py-2">
        Nobody has traced the runs: it can say nothing yet. Trace them, or walk round what is dead.
      </p>
    );
  return (
    <div className="py-1">
      {advice.settled ? (
        <p className="font-semibold text-kept">It is settled. Name the cause.</p>
      ) : advice.next === null ? (
        <p>It knows nothing more to do here.</p>
      ) : (
        <p>
          <b>{advice.next.title}</b> ({Math.round(advice.next.minutes)} min). {advice.next.why}
        </p>
      )}
      <ul className="mt-1">
        {advice.suspects.map((one) => (
          <li key={one.name} className="flex gap-3 border-b border-hair py-1">
            <span>{one.name}</span>
            <b className="ml-auto whitespace-nowrap tabular-nums">{percent(one.probability)}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
