import { useState } from "react";
import { Paper } from "@/features/shell/Paper";
import { Segments } from "@/ui/Segments";

interface RuleLine {
  id: string;
  asksFor: string | null;
  reason: string;
  clauses: (string | null)[];
}

interface Props {
  editions: string[];
  rules: RuleLine[];
  exceptions: RuleLine[];
  findings: RuleLine[];
}

const ALL = "all";

/** The code book itself: what is asked, in our words, and the clause to look it up by in each edition. */
export default function Rules({ editions, rules, exceptions, findings }: Props) {
  const [asks, setAsks] = useState(ALL);
  const kinds = [...new Set(rules.flatMap((rule) => rule.asksFor ?? []))];
  return (
    <Paper
      title="The code book"
      back={{ href: "/houses", name: "Houses" }}
      tools={
        <Segments
          label="What is asked for"
          value={asks}
          options={[[ALL, "all"] as [string, string], ...kinds.map((kind): [string, string] => [kind, kind])]}
          onChange={setAsks}
        />
      }
    >
      <p className="max-w-prose py-3 text-ink-2">
        In our own words; the clause is there so that you can read the code itself. CEC 2021 holds core rules only. The
        authority having jurisdiction decides.
      </p>
      <RuleTable
        caption="Rules"
        editions={editions}
        lines={rules.filter((rule) => asks === ALL || rule.asksFor === asks)}
      />
      {asks === ALL && <RuleTable caption="Exceptions" editions={editions} lines={exceptions} />}
      {asks === ALL && <RuleTable caption="What is found beside" editions={editions} lines={findings} />}
    </Paper>
  );
}

function RuleTable({ caption, editions, lines }: { caption: string; editions: string[]; lines: RuleLine[] }) {
  return (
    <div className="max-lg:overflow-x-auto">
      <table className="mb-6 w-full text-sm lg:min-w-[60rem]">
        <caption className="py-2 text-left text-xl font-bold [font-stretch:84%]">{caption}</caption>
        <thead>
          <tr className="border-y-2 border-ink text-left align-bottom">
            <th className="py-1.5 pr-3">Why</th>
            {editions.map((edition) => (
              <th key={edition} className="w-32 py-1.5 pr-3">
                {edition}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.id} className="border-b border-hair align-top">
              <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                {line.asksFor && <b>{line.asksFor}. </b>}
                {line.reason}
              </th>
              {line.clauses.map((clause, i) => (
                <td key={editions[i]} className="py-1.5 pr-3 font-semibold">
                  {clause ?? <span className="font-normal text-ink-2">no rule</span>}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
