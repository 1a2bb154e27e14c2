import { useEffect, useRef, useState } from "react";
import { clock } from "@/lib/clock";
import { percent } from "@/lib/number";
import type { JudgedPage, Question } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { NotCome } from "@/ui/NotCome";
import { Taps } from "@/ui/Taps";
import { CallForm } from "./CallForm";
import { spokenCall } from "./Known";
import { LeftPages } from "./LeftPages";
import type { TripsInHand } from "./useTrips";
import { KINDS } from "./words";

interface Props {
  house: JudgedPage;
  trips: TripsInHand;
  onTrips: () => void;
  /** Before there is anything a call could be about. */
  onSurvey: () => void;
}

/** The call: what is told, who is suspected first, what goes on the van, and what is worth asking on the phone. */
export function CallView({ house, trips, onTrips, onSurvey }: Props) {
  const [again, setAgain] = useState(false);
  const top = useRef<HTMLDivElement>(null);
  const { sheet } = trips;
  const told = sheet?.call !== null && !again;
  // What was told is long: the answer begins at its top.
  useEffect(() => {
    if (told) top.current?.scrollIntoView();
  }, [told]);
  if (house.live.length === 0 && house.rooms.every((room) => room.outlets.length === 0))
    return (
      <NotBegun step="To the survey" onStep={onSurvey}>
        A call is about a device, an outlet or a breaker: enter that one, and what hangs on it. The rest of the house
        can wait.
      </NotBegun>
    );
  if (!sheet) return <NotCome what="the call" asked={trips} />;
  const { call } = sheet;
  if (call === null || again)
    return (
      <div className="border-t border-hair py-4">
        <h2 className="mb-3 text-2xl">{call === null ? "What does the customer say?" : "The call, told again"}</h2>
        <CallForm
          rooms={house.rooms}
          live={house.live}
          call={call}
          onTell={(next) => void trips.tell(next).then(() => setAgain(false))}
          onCancel={call === null ? null : () => setAgain(false)}
        />
        <Earlier trips={trips} />
      </div>
    );
  const suspects = sheet.state?.suspects ?? [];
  return (
    <div ref={top} className="grid gap-x-7 gap-y-5 border-t border-hair py-4 lg:grid-cols-2">
      <section aria-label="The call">
        <h2 className="text-2xl">{spokenCall(call)}</h2>
        {call.words && <p className="mt-1 text-lg text-ink-2">“{call.words}”</p>}
        <p className="mt-1 text-sm text-ink-2">
          {[call.who, clock(call.startedAt)].filter((part) => part !== null && part !== "").join(", ")}
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button size="small" onClick={() => setAgain(true)}>
            Tell it otherwise
          </Button>
          <Button size="small" onClick={trips.drop}>
            Drop this call
          </Button>
        </div>
        <p className="mt-1 text-sm text-ink-2">
          Told otherwise, its tests still count. Dropped, they are kept with it, and the next call begins with none.
        </p>
        <h3 className="mt-5 border-b border-ink pb-1 text-lg">First suspects</h3>
        <ol>
          {suspects.slice(0, 4).map((one) => (
            <li key={one.id} className="flex items-baseline gap-2 border-t border-hair py-1.5 first:border-t-0">
              <span className="flex-1 font-semibold">{one.name}</span>
              <b className="text-lg narrow">{percent(one.probability)}</b>
            </li>
          ))}
        </ol>
        <Button tone="main" className="mt-2 min-h-14 w-full text-lg" onClick={onTrips}>
          {(sheet.state?.facts ?? []).length === 0 ? "On site: find it" : "Go on finding it"}
        </Button>
        {(sheet.state?.parts ?? []).length > 0 && (
          <>
            <h3 className="mt-5 border-b border-ink pb-1 text-lg">For the van</h3>
            <ul>
              {(sheet.state?.parts ?? []).map((one) => (
                <li key={one.part} className="border-t border-hair py-1.5 first:border-t-0">
                  <b>{one.part}</b> <span className="text-ink-2">for {one.for}</span>
                </li>
              ))}
            </ul>
          </>
        )}
        <Earlier trips={trips} />
      </section>
      <section aria-label="Questions on the phone">
        <h3 className="border-b border-ink pb-1 text-lg">Worth asking on the phone</h3>
        <ol>
          {sheet.questions.map((one) => (
            <li key={one.id} className="border-t border-hair py-2 first:border-t-0">
              <Asked question={one} said={call.answers?.[one.id] ?? ""} onSay={(said) => trips.answer(one.id, said)} />
            </li>
          ))}
        </ol>
        <Button className="mt-2 w-full" onClick={trips.askHouseholder}>
          Make a page of them to send
        </Button>
        <LeftPages sheet={sheet} onTake={trips.take} onEnd={trips.end} />
      </section>
    </div>
  );
}

/** A question with its answer, tapped while the customer is on the phone, or as it came back on the page. */
function Asked({ question, said, onSay }: { question: Question; said: string; onSay: (said: string) => void }) {
  if (question.answers.length > 0)
    return (
      <Taps
        legend={
          <>
            {question.ask} <span className="block text-sm font-normal text-ink-2">{question.why}</span>
          </>
        }
        options={question.answers.map((one) => [one, one])}
        chosen={[said]}
        onTap={onSay}
      />
    );
  return (
    <label className="block">
      <span className="font-semibold narrow">{question.ask}</span>
      <span className="block text-sm text-ink-2">{question.why}</span>
      <input
        key={said}
        defaultValue={said}
        onBlur={(event) => event.target.value.trim() !== "" && event.target.value !== said && onSay(event.target.value)}
        className="mt-1 min-h-11 w-full border-[1.5px] border-edge bg-raised px-3"
      />
    </label>
  );
}

/** Calls that are closed: they are evidence for this one. */
function Earlier({ trips }: { trips: TripsInHand }) {
  const earlier = trips.sheet?.earlier ?? [];
  if (earlier.length === 0) return null;
  return (
    <section aria-label="Earlier calls" className="mt-5">
      <h3 className="border-b border-ink pb-1 text-lg">Earlier calls here</h3>
      <ul>
        {earlier.map((one) => (
          <li key={one.id} className="border-t border-hair py-1.5 first:border-t-0">
            <Button size="small" className="float-right ml-2" onClick={() => trips.reopen(one.id)}>
              Open it again
            </Button>
            <p>
              <span className="code text-sm">{one.at?.slice(0, 10)}</span> {one.place}:{" "}
              {KINDS[one.symptom].toLowerCase()}.
            </p>
            <p className="text-sm text-ink-2">
              {one.cause ?? "No cause found"}
              {one.note && `. ${one.note}`}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
