import { Link } from "@inertiajs/react";
import { useState } from "react";
import { Paper } from "@/features/shell/Paper";
import type { RuleLine, RulePage } from "@/types/pages";
import { Segments } from "@/ui/Segments";

interface Props extends RulePage {
  /** The house whose outlets are shown beside. */
  house?: { id: string; name: string } | undefined;
}

const ALL = "all";

/** The code book itself: what is asked, in our words, and the clause to look it up by in each edition. */
export default function Rules({ editions, own, rules, exceptions, findings, house }: Props) {
  const [asks, setAsks] = useState(ALL);
  const kinds = [...new Set(rules.flatMap((rule) => rule.asksFor ?? []))];
  const table = { editions, own, house };
  return (
    <Paper
      title="The code book"
      back={house ? { href: `/houses/${house.id}`, name: house.name } : { href: "/houses", name: "Houses" }}
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
        authority having jurisdiction decides. A row opens to what it rests on
        {house && `, and to the outlets of ${house.name} that it binds`}.
      </p>
      <RuleTable caption="Rules" lines={rules.filter((rule) => asks === ALL || rule.asksFor === asks)} {...table} />
      {asks === ALL && <RuleTable caption="Exceptions" lines={exceptions} {...table} />}
      {asks === ALL && <RuleTable caption="What is found beside" lines={findings} {...table} />}
    </Paper>
  );
}

interface TableProps extends Pick<Props, "editions" | "own" | "house"> {
  caption: string;
  lines: RuleLine[];
}

function RuleTable({ caption, editions, own, house, lines }: TableProps) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <div className="max-lg:overflow-x-auto">
      <table className="mb-6 w-full text-sm lg:min-w-[60rem]">
        <caption className="py-2 text-left text-xl font-bold [font-stretch:84%]">{caption}</caption>
        <thead>
          <tr className="border-y-2 border-ink text-left align-bottom">
            <th className="py-1.5 pr-3">Why</th>
            {editions.map((edition, at) => (
              <th key={edition} className={at === own ? "w-32 border-x-2 border-ink px-2 py-1.5" : "w-32 px-2 py-1.5"}>
                {edition}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <RuleRow
              key={line.id}
              line={line}
              editions={editions}
              own={own}
              house={house}
              isOpen={open === line.id}
              onOpen={() => setOpen(open === line.id ? null : line.id)}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface RowProps extends Pick<TableProps, "editions" | "own" | "house"> {
  line: RuleLine;
  isOpen: boolean;
  onOpen: () => void;
}

function RuleRow({ line, editions, own, house, isOpen, onOpen }: RowProps) {
  return (
    <>
      <tr className="border-t border-hair align-top">
        <th scope="row" className="text-left font-normal">
          <button
            type="button"
            aria-expanded={isOpen}
            onClick={onOpen}
            className="min-h-9 w-full cursor-pointer py-1.5 pr-4 text-left hover:bg-band max-lg:min-h-12"
          >
            {line.asksFor && <b>{line.asksFor}. </b>}
            {line.reason}
            {line.binds.length > 0 && (
              <span className="ml-2 font-semibold whitespace-nowrap text-ink-2">{line.binds.length} here</span>
            )}
          </button>
        </th>
        {line.clauses.map((clause, at) => (
          <td
            key={editions[at]}
            className={at === own ? "border-x-2 border-ink px-2 py-1.5 font-semibold" : "px-2 py-1.5 font-semibold"}
          >
            {clause ?? <span className="font-normal text-ink-2">no rule</span>}
            {line.likely[at] && clause && <span className="block text-xs font-normal">likely: ask the authority</span>}
          </td>
        ))}
      </tr>
      {isOpen && (
        <tr className="bg-band align-top">
          <td className="px-3 py-2 text-ink-2">
            Read {line.readOn}, {line.readBy}.
            {house && (
              <p className="mt-1 text-ink">
                {line.binds.length === 0 ? "Binds no outlet here." : "Here: "}
                {line.binds.map((outlet) => (
                  <Link
                    key={outlet.id}
                    href={`/houses/${house.id}/${encodeURIComponent(outlet.code)}`}
                    className="code mr-2 inline-block underline max-lg:py-2"
                  >
                    {outlet.code}
                  </Link>
                ))}
              </p>
            )}
          </td>
          {line.uses.map((uses, at) => (
            <td key={editions[at]} className={at === own ? "border-x-2 border-ink px-2 py-2" : "px-2 py-2"}>
              {uses.map((use) => (
                <span key={use} className="mb-1 block text-xs">
                  {use}
                </span>
              ))}
            </td>
          ))}
        </tr>
      )}
    </>
  );
}
