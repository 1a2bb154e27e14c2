import { router } from "@inertiajs/react";
import { VerdictWord } from "@/features/outlet/VerdictTag";
import { MarkGlyph, MarkPatterns } from "@/features/rooms/OutletMark";
import { Paper } from "@/features/shell/Paper";
import type { Verdict } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Choose } from "@/ui/Choose";

interface Side {
  asked: boolean;
  verdict: Verdict | null;
  verdictName: string;
  clauses: string[];
  fact: string | null;
}

interface Difference {
  id: string;
  code: string;
  name: string;
  room: string;
  protection: string;
  newlyAsked: boolean;
  before: Side;
  after: Side;
}

interface Props {
  house: { id: string; name: string };
  from: string;
  to: string;
  differences: Difference[];
  choices: { edition: Option[] };
}

export default function Compare({ house, from, to, differences, choices }: Props) {
  const show = (editions: { from?: string; to?: string }) =>
    router.get(`/houses/${house.id}/compare`, { from, to, ...editions }, { preserveScroll: true, replace: true });
  const name = (value: string) => choices.edition.find((edition) => edition.value === value)?.label ?? value;
  const newly = differences.filter((difference) => difference.newlyAsked).length;
  return (
    <Paper
      title="Two editions, one house"
      back={{ href: `/houses/${house.id}`, name: house.name }}
      tools={
        <>
          <Choose label="From" value={from} options={choices.edition} onChange={(value) => show({ from: value })} />
          <span className="font-semibold">to</span>
          <Choose label="To" value={to} options={choices.edition} onChange={(value) => show({ to: value })} />
        </>
      }
    >
      <MarkPatterns />
      <p className="py-3 text-lg">
        {differences.length === 0
          ? `${name(from)} and ${name(to)} judge this house alike.`
          : `${differences.length} ${differences.length === 1 ? "judgement changes" : "judgements change"}; ${newly} newly asked for.`}
      </p>
      <ul>
        {differences.map((difference) => (
          <li
            key={difference.id + difference.protection}
            className="grid break-inside-avoid items-start gap-x-5 gap-y-1 border-t border-hair py-2.5 lg:grid-cols-[15rem_1fr_1fr]"
          >
            <div>
              <span className="code text-sm text-ink-2">{difference.code}</span> <b>{difference.protection}</b>
              <p className="text-lg font-bold [font-stretch:84%]">{difference.name}</p>
              <p className="text-sm text-ink-2">{difference.room}</p>
            </div>
            <SideShown edition={name(from)} side={difference.before} />
            <SideShown edition={name(to)} side={difference.after} />
          </li>
        ))}
      </ul>
    </Paper>
  );
}

function SideShown({ edition, side }: { edition: string; side: Side }) {
  return (
    <div className="flex gap-2">
      <MarkGlyph verdict={side.verdict ?? (side.asked ? "missing" : "not_asked")} className="shrink-0" />
      <div>
        <p>
          <span className="text-sm text-ink-2">{edition}</span>{" "}
          {side.verdict ? <VerdictWord verdict={side.verdict} name={side.verdictName} /> : <b>{side.verdictName}</b>}
        </p>
        <p className="font-semibold">{side.clauses.join(", ")}</p>
        {side.fact && <p className="text-sm text-ink-2">{side.fact}</p>}
      </div>
    </div>
  );
}
