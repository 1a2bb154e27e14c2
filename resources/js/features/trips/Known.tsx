import { clock } from "@/lib/clock";
import type { CallPage, CallShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { LeftPages } from "./LeftPages";
import { KINDS, WHENS } from "./words";

interface Props {
  sheet: CallPage;
  onWithdraw: (id: string) => void;
  onCan: (what: string) => void;
  onTake: (page: string) => void;
  onEnd: (page: string) => void;
  /** To the trace, which asks first for what the call rests on. */
  onTrace: () => void;
}

/** What is known: the call, every test with what it showed, and what came back from the householder. Any of it can be withdrawn. */
export function Known({ sheet, onWithdraw, onCan, onTake, onEnd, onTrace }: Props) {
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
        {(sheet.state?.facts ?? []).map((fact, at) => (
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
              {!fact.stands && (
                <span className="block text-sm font-semibold text-advised">
                  Counts no more: it names something that was taken out of the house.
                </span>
              )}
            </p>
            {fact.id !== null && (
              <Button
                size="small"
                tone="bare"
                className="underline"
                aria-label={`Withdraw fact ${at + 1}`}
                onClick={() => fact.id !== null && onWithdraw(fact.id)}
              >
                Withdraw
              </Button>
            )}
          </li>
        ))}
      </ol>
      {sheet.state?.assumed && (
        <p className="border-t border-hair py-2 text-sm text-ink-2">
          How {sheet.state?.assumed} is wired is not traced; it is taken to hang on the device of its circuit. The trace
          asks for it first, and the suspects follow.{" "}
          <Button size="small" className="mt-1" onClick={onTrace}>
            Trace it
          </Button>
        </p>
      )}
      {(sheet.state?.cannot ?? []).map((one) => (
        <p key={one.what} className="flex items-center gap-2 border-t border-hair py-1 text-sm">
          <span className="flex-1">Cannot be done: {one.spoken}</span>
          <Button size="small" tone="bare" className="underline" onClick={() => onCan(one.what)}>
            It can now
          </Button>
        </p>
      ))}
      <LeftPages sheet={sheet} onTake={onTake} onEnd={onEnd} />
    </section>
  );
}

export function spokenCall(call: CallShown): string {
  const running = call.runningNames.length > 0 ? `, running: ${call.runningNames.join(", ")}` : "";
  return `${call.place}: ${KINDS[call.kind].toLowerCase()}, ${WHENS[call.when].toLowerCase()}${running}.`;
}
