import { Head, router } from "@inertiajs/react";
import { useState } from "react";
import { Offer } from "@/features/decide/Offer";
import { DeviceCard } from "@/features/keep/DeviceCard";
import { OwnerHouse } from "@/features/keep/OwnerHouse";
import type { OfferShown, OwnerDevice, OwnerPage, Question, TrialPage, TrialRule } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";

interface Props {
  kind: "questions" | "trial" | "offer" | "house" | "device" | "ended";
  owner?: OwnerPage;
  /** Where the tests of the house are reminded of. */
  mail?: string | null;
  device?: OwnerDevice | null;
  offer?: OfferShown;
  asked: { questions?: Question[]; rule?: TrialRule[]; action?: { days?: number }; page?: TrialPage };
  answered: Record<string, string>;
  token: string;
  today: string;
  since: string;
}

const TITLES = {
  questions: "Before the electrician comes",
  trial: "Does it trip?",
  offer: "Scope and price",
  house: "Why is it dead, what do I press",
  device: "How it is reset",
  ended: "This page has ended",
};

/** A page for the householder. It asks nobody to open anything. */
export default function Householder(props: Props) {
  return (
    <main className="mx-auto max-w-xl px-4 py-6 text-lg">
      <Head title={TITLES[props.kind]} />
      {props.kind === "trial" && <Trial {...props} />}
      {props.kind === "questions" && <Questions {...props} />}
      {props.kind === "offer" && props.offer && <Offer offer={props.offer} token={props.token} />}
      {props.kind === "house" && props.owner && (
        <OwnerHouse page={props.owner} token={props.token} mail={props.mail ?? null} />
      )}
      {props.kind === "device" &&
        (props.device ? (
          <DeviceCard device={props.device} token={props.token} />
        ) : (
          <p>This device is not there any more. Ask your electrician.</p>
        ))}
      {props.kind === "ended" && <Ended />}
      <p className="mt-6 border-t-2 border-ink pt-3 text-base text-ink-2">
        Do not open an outlet, a box or the panel. If something is hot, smells burnt or gives a tingle, leave it
        unplugged and call at once.
      </p>
    </main>
  );
}

function Questions({ asked, answered, token }: Props) {
  const [answers, setAnswers] = useState(answered);
  const [sent, setSent] = useState(false);
  const put = (id: string, said: string) => {
    setSent(false);
    setAnswers({ ...answers, [id]: said });
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        router.post(`/for-you/${token}`, { answers }, { preserveScroll: true, onSuccess: () => setSent(true) });
      }}
    >
      <h1 className="text-3xl">Before the electrician comes</h1>
      <p className="mt-1 text-ink-2">Answer what you can. Leave out the rest.</p>
      {(asked.questions ?? []).map((question) => (
        <fieldset key={question.id} className="mt-5 border-t border-hair pt-3">
          <legend className="float-left mb-2 w-full font-semibold">{question.ask}</legend>
          {question.answers.length > 0 ? (
            <div className="clear-left flex flex-wrap gap-2">
              {question.answers.map((said) => (
                <Tap key={said} pressed={answers[question.id] === said} onTap={() => put(question.id, said)}>
                  {said}
                </Tap>
              ))}
            </div>
          ) : (
            <input
              aria-label={question.ask}
              value={answers[question.id] ?? ""}
              onChange={(event) => put(question.id, event.target.value)}
              className="clear-left min-h-12 w-full border-[1.5px] border-edge bg-raised px-3"
            />
          )}
        </fieldset>
      ))}
      <Button type="submit" tone="main" className="mt-5 min-h-14 w-full text-xl">
        Send
      </Button>
      {sent && (
        <p role="status" className="mt-2 font-semibold text-kept">
          Sent. Thank you. You can still change an answer and send it again.
        </p>
      )}
    </form>
  );
}

function Ended() {
  return (
    <>
      <h1 className="text-3xl">This page has ended</h1>
      <p className="mt-1 text-ink-2">There is nothing left to fill in here. Ask your electrician for a new one.</p>
    </>
  );
}

function Trial({ asked, answered, token, today, since }: Props) {
  const { page } = asked;
  const days = page?.days ?? asked.action?.days ?? 7;
  const dates = Array.from({ length: days }, (_, at) => day(since, at)).filter((date) => date <= today);
  const note = (date: string, said: string) =>
    router.post(`/for-you/${token}`, { answers: { [date]: said } }, { preserveScroll: true });
  return (
    <div>
      <h1 className="text-3xl">Does it trip?</h1>
      <p className="mt-1 text-ink-2">
        For {days === 1 ? "one day" : `${days} days`}, at {page?.where ?? "the outlet with the buttons"}.
      </p>
      {page && (
        <>
          <ul className="mt-3 flex flex-col gap-1.5 border-l-4 border-ink pl-3 font-semibold">
            {page.asks.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {page.stakes.map((line) => (
            <p key={line} className="mt-3 border-l-4 border-bare bg-bare-ground px-3 py-2">
              {line} If that will not do, end it early and call: each day noted still counts.
            </p>
          ))}
          <ul className="mt-3 list-disc pl-5 text-base">
            {page.not.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-3">
        Each evening, one tap: did it trip?{" "}
        {page?.reset === false
          ? "When it trips, leave it as it is and call."
          : `When it trips, ${page?.how || "press RESET firmly, once"}. If it will not stay in, leave it and call.`}
      </p>
      <ul className="mt-4">
        {dates.map((date) => (
          <li key={date} className="flex items-center gap-2 border-t border-hair py-2">
            <span className="code flex-1">{date === today ? `${date}, today` : date}</span>
            {[
              ["no", "It held"],
              ["yes", "It tripped"],
            ].map(([said, label]) => (
              <Tap
                key={said}
                pressed={answered[date] === said}
                label={`${label} on ${date}`}
                onTap={() => note(date, said ?? "")}
              >
                {label}
              </Tap>
            ))}
          </li>
        ))}
      </ul>
      {(asked.rule ?? []).length > 0 && (
        <section className="mt-5">
          <h2 className="text-xl">What it will mean</h2>
          <dl>
            {(asked.rule ?? []).map((one) => (
              <div key={one.shown} className="grid grid-cols-[9rem_1fr] gap-2 border-t border-hair py-1.5 text-base">
                <dt className="font-semibold">{one.shown}</dt>
                <dd>{one.means}</dd>
              </div>
            ))}
          </dl>
        </section>
      )}
    </div>
  );
}

/** So many days after a date, as an ISO date. */
function day(since: string, after: number): string {
  const date = new Date(`${since}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + after);
  return date.toISOString().slice(0, 10);
}
