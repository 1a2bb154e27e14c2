import { clock } from "@/lib/clock";
import type { Call, TripsSheet } from "@/types/trips";
import { Button } from "@/ui/Button";
import { KINDS, WHENS } from "./words";

interface Props {
  sheet: TripsSheet;
  onWithdraw: (index: number) => void;
  onCan: (what: string) => void;
  onTake: (page: string) => void;
}

/** What is known: the call, every test with what it showed, and what came back from the householder. Any of it can be withdrawn. */
export function Known({ sheet, onWithdraw, onCan, onTake }: Props) {
  const { call } = sheet;
  if (!call) return null;
  return (
    <section aria-label="Known">
      <h2 className="border-b border-ink pb-1 text-xl">Known</h2>
      <ol>
        <li className="grid grid-cols-[3.1rem_1fr] gap-1 py-2">
          <span className="code text-xs text-ink-2">call</span>
          <div>
            <p>{spokenCall(call)}</p>
            {call.words && <p className="text-ink-2">“{call.words}”</p>}
          </div>
        </li>
        {(sheet.facts ?? []).map((fact, at) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: a test has no name but its place
            key={at}
            className="grid grid-cols-[3.1rem_1fr_auto] gap-1 border-t border-hair py-2"
          >
            <span className="code pt-0.5 text-xs text-ink-2">
              {at + 1}
              <br />
              {clock(fact.at)}
            </span>
            <p>
              {fact.done}: <b>{fact.read}</b>
              {fact.who && <span className="block text-xs text-ink-2">{fact.who}</span>}
            </p>
            {fact.index !== null && (
              <Button
                size="small"
                tone="bare"
                className="underline"
                aria-label={`Withdraw fact ${at + 1}`}
                onClick={() => fact.index !== null && onWithdraw(fact.index)}
              >
                Withdraw
              </Button>
            )}
          </li>
        ))}
      </ol>
      {sheet.assumed && (
        <p className="border-t border-hair py-2 text-sm text-ink-2">
          How {sheet.assumed} is wired is not traced; it is taken to hang on the device of its circuit. Trace it, and
          the suspects follow.
        </p>
      )}
      {(sheet.cannot ?? []).map((one) => (
        <p key={one.what} className="flex items-center gap-2 border-t border-hair py-1 text-sm">
          <span className="flex-1">Cannot be done: {one.spoken}</span>
          <Button size="small" tone="bare" className="underline" onClick={() => onCan(one.what)}>
            It can now
          </Button>
        </p>
      ))}
      <LeftPages sheet={sheet} onTake={onTake} />
    </section>
  );
}

/** Pages that were left with the householder, and what came back. */
export function LeftPages({ sheet, onTake }: { sheet: TripsSheet; onTake: (page: string) => void }) {
  return sheet.pages.map((page) => {
    const noted = Object.values(page.answered ?? {});
    const trips = noted.filter((one) => one === "yes").length;
    return (
      <div key={page.id} className="border-t border-hair py-2 text-sm">
        <p className="font-semibold">
          {page.kind === "trial" ? `Trial over ${page.asked.action?.days ?? ""} days` : "Questions to the householder"}
        </p>
        <p className="text-ink-2">
          {noted.length === 0
            ? "Nothing has come back yet."
            : page.kind === "trial"
              ? `${noted.length} days noted, ${trips} with a trip.`
              : `${noted.length} answered.`}
        </p>
        <p className="code text-xs break-all select-all">{page.url}</p>
        {page.kind === "questions" &&
          (page.asked.questions ?? []).map((question) => {
            const said = page.answered?.[question.id];
            return said ? (
              <p key={question.id} className="mt-1">
                {question.ask} <b>{said}</b>
              </p>
            ) : null;
          })}
        {noted.length > 0 && !page.taken && (
          <Button size="small" className="mt-1.5" onClick={() => onTake(page.id)}>
            Take it into the call
          </Button>
        )}
        {page.taken && <p className="text-kept">Taken into the call.</p>}
      </div>
    );
  });
}

export function spokenCall(call: Call): string {
  const running = call.runningNames.length > 0 ? `, running: ${call.runningNames.join(", ")}` : "";
  return `${call.place}: ${KINDS[call.kind].toLowerCase()}, ${WHENS[call.when].toLowerCase()}${running}.`;
}
