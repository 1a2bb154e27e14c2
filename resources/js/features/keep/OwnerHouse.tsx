import { router } from "@inertiajs/react";
import { useState } from "react";
import type { OwnerOutlet, OwnerPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { DeviceCard } from "./DeviceCard";

interface Props {
  page: OwnerPage;
  token: string;
  /** Where the tests are reminded of. */
  mail: string | null;
}

/** The page of the house: why is it dead, what do I press. A tap on the room, a tap on what is dead. */
export function OwnerHouse({ page, token, mail }: Props) {
  const [outlet, setOutlet] = useState<OwnerOutlet | null>(null);
  const [room, setRoom] = useState<string | null>(page.rooms.length === 1 ? (page.rooms[0]?.name ?? null) : null);
  // What was tested just now stays where it was tapped.
  const [due] = useState(page.due);
  if (outlet) return <Why page={page} outlet={outlet} token={token} mail={mail} onBack={() => setOutlet(null)} />;
  return (
    <>
      <h1 className="text-3xl">What is dead?</h1>
      <p className="text-ink-2">{page.house}. Tap the room, then what does not work.</p>
      <ul className="mt-3">
        {page.rooms.map((one) => (
          <li key={one.name} className="border-t-2 border-ink">
            <button
              type="button"
              aria-expanded={room === one.name}
              onClick={() => setRoom(room === one.name ? null : one.name)}
              className="min-h-14 w-full cursor-pointer py-2 text-left text-xl font-bold hover:bg-band"
            >
              {one.name}
            </button>
            {room === one.name && (
              <ul className="mb-2">
                {one.outlets.map((each) => (
                  <li key={each.id}>
                    <button
                      type="button"
                      onClick={() => setOutlet(each)}
                      className="flex min-h-14 w-full cursor-pointer items-center gap-3 border-t border-hair px-2 text-left hover:bg-band"
                    >
                      <span className="code text-base text-ink-2">{each.code}</span> {each.name}
                    </button>
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ul>
      {due.length > 0 && (
        <section className="mt-6">
          <h2 className="text-xl">Test once a month</h2>
          <p className="text-base text-ink-2">Due now. It takes a minute each.</p>
          {due.map((id) => {
            const device = page.devices[id];
            return device && <DeviceCard key={id} device={device} token={token} />;
          })}
        </section>
      )}
      <p className="mt-4 text-base">
        <a className="underline" href={`/for-you/${token}/calendar.ics`}>
          The tests in your calendar
        </a>
        : subscribe to this address, and it reminds you.
      </p>
      {mail !== null && (
        <p className="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-base">
          When a test is due, mail goes to {mail}.
          <Button
            onClick={() => router.delete(`/for-you/${token}/mail`, { preserveScroll: true, preserveState: true })}
          >
            No more mail
          </Button>
        </p>
      )}
    </>
  );
}

interface WhyProps extends Props {
  outlet: OwnerOutlet;
  onBack: () => void;
}

/** What may have switched it off, the nearest first. */
function Why({ page, outlet, token, onBack }: WhyProps) {
  const devices = outlet.why.flatMap((id) => page.devices[id] ?? []);
  const [at, setAt] = useState(0);
  const [sent, setSent] = useState(false);
  const device = devices[at];
  const report = () =>
    router.post(
      `/for-you/${token}/told`,
      { what: "reported", at: outlet.id, kind: "dead", words: "Nothing that could be reset brought it back." },
      { preserveScroll: true, preserveState: true, onSuccess: () => setSent(true) },
    );
  return (
    <>
      <Button onClick={onBack}>Something else is dead</Button>
      <h1 className="mt-3 text-3xl">
        <span className="code text-xl text-ink-2">{outlet.code}</span> {outlet.name}
      </h1>
      {device ? (
        <>
          <p>{devices.length > 1 ? "Look at these, one after the other." : "Look at this."}</p>
          <DeviceCard
            key={device.id}
            device={device}
            token={token}
            withTest={false}
            {...(devices.length > 1 ? { turn: `${at + 1} of ${devices.length}` } : {})}
          />
        </>
      ) : (
        <p>Nobody knows yet what switches it off.</p>
      )}
      <div className="mt-3 flex flex-col gap-2">
        {at + 1 < devices.length && (
          <Button tone="main" className="min-h-14" onClick={() => setAt(at + 1)}>
            It is still dead: the next one
          </Button>
        )}
        {sent ? (
          <p role="status" className="font-semibold text-kept">
            Told. Your electrician sees it.
          </p>
        ) : (
          at + 1 >= devices.length && (
            <Button tone="main" className="min-h-14" onClick={report}>
              It is still dead: tell the electrician
            </Button>
          )
        )}
      </div>
    </>
  );
}
