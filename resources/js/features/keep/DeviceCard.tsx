import { router } from "@inertiajs/react";
import { useState } from "react";
import type { OwnerDevice } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  device: OwnerDevice;
  token: string;
  /** Which of several it is, where one after the other is looked at. */
  turn?: string;
  /** Whether its monthly test is asked about: not while something is dead. */
  withTest?: boolean;
}

/** One device for who lives there: where it is, how it is reset, what to unplug first, when to stop; and its monthly test by tap. */
export function DeviceCard({ device, token, turn, withTest = true }: Props) {
  const [told, tell] = useState<"good" | "bad" | null>(null);
  const tested = (tripped: boolean, cameBack: boolean) =>
    router.post(
      `/for-you/${token}/told`,
      { what: "tested", at: device.id, tripped, came_back: cameBack },
      { preserveScroll: true, preserveState: true, onSuccess: () => tell(tripped && cameBack ? "good" : "bad") },
    );
  return (
    <section aria-label={device.code} className="mt-4 border-2 border-ink bg-raised px-4 py-3">
      {turn && <p className="text-base text-ink-2">{turn}</p>}
      <h2 className="text-2xl">{device.isBreaker ? `In the panel: ${device.code}` : device.code}</h2>
      <p className="text-lg font-semibold">{device.where}</p>
      {device.photo !== null && (
        <img
          src={`/for-you/${token}/photos/${device.photo}`}
          alt={`Where ${device.code} is`}
          className="mt-2 max-h-72 w-full border border-edge object-contain"
        />
      )}
      {device.unplug.length > 0 && (
        <>
          <h3 className="mt-3 text-base">Unplug first</h3>
          <p>{device.unplug.join(", ")}</p>
        </>
      )}
      <h3 className="mt-3 text-base">Then</h3>
      <p className="text-2xl font-bold">{device.reset}</p>
      <p className="mt-2 border-l-[6px] border-bare bg-bare-ground px-3 py-2 text-base">
        Not when anything is wet, hot or smells burnt. If it does not stay in, leave it and call: once is enough.
      </p>
      {device.goesDead.length > 1 && (
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">What goes dead with it</summary>
          <ul className="text-base">
            {device.goesDead.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </details>
      )}
      {withTest && device.isTested && (
        <div className="mt-3 border-t-2 border-ink pt-2">
          <h3 className="text-base">
            Monthly test{device.testDue ? ": due" : ""}
            {device.lastTested && <span className="font-normal text-ink-2">, last on {device.lastTested}</span>}
          </h3>
          {told === null ? (
            <>
              <p className="text-base">Press TEST: it goes dead. {device.reset} It is back. What was it?</p>
              <div className="mt-2 flex flex-col gap-2">
                <Button className="min-h-14" onClick={() => tested(true, true)}>
                  Tested, tripped and came back
                </Button>
                <Button className="min-h-14" onClick={() => tested(true, false)}>
                  It did not come back
                </Button>
                <Button className="min-h-14" onClick={() => tested(false, false)}>
                  Nothing happened at TEST
                </Button>
              </div>
            </>
          ) : (
            <p role="status" className={told === "good" ? "font-semibold text-kept" : "font-semibold text-bare"}>
              {told === "good"
                ? "Noted, thank you. Again in a month."
                : "Noted. It protects nobody now: do not use what hangs on it, and call your electrician."}
            </p>
          )}
        </div>
      )}
    </section>
  );
}
