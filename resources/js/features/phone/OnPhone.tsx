import { useCallback, useEffect, useState } from "react";
import * as ahead from "@/data/ahead";
import { DAYS, type OnPhone as Here, onPhone, pin } from "@/data/houses";
import { ofUser } from "@/data/journal";
import { useReach } from "@/data/reach";
import { engineTaken, type Taken, takeEngine, takeHouse } from "@/data/take";
import { Button } from "@/ui/Button";

interface Props {
  user: string;
  houses: { id: string; name: string }[];
}

const MB = 1_048_576;

/** What is on this phone for when there is no signal: the engine, and the houses that go along. */
export function OnPhone({ user, houses }: Props) {
  const [here, setHere] = useState<Here[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [waiting, setWaiting] = useState(0);
  const look = useCallback(() => {
    void onPhone(user).then(setHere);
    void ofUser(user).then((told) => setWaiting(told.length));
  }, [user]);
  useEffect(look, [look]);
  const turn = async (house: string, pinned: boolean) => {
    setTrouble(null);
    if (pinned) await pin(house, user, false);
    else if (!(await takeHouse(house, user))) setTrouble("It did not come: the server cannot be reached just now.");
    look();
  };
  return (
    <section aria-label="Without a signal" className="border-t-2 border-ink pt-4">
      <h2 className="text-xl">Without a signal</h2>
      <p className="mt-1 text-sm text-ink-2">
        In a basement or behind a panel this phone works by itself: what you tell is kept and carried out here, and sent
        when there is a signal.
      </p>
      {waiting > 0 && (
        <p className="mt-2 font-bold text-advised">
          {waiting === 1 ? "One change waits" : `${waiting} changes wait`} here to be sent.
        </p>
      )}
      <EngineHere />
      <ul className="mt-3 border-t border-hair">
        {houses.map((house) => {
          const found = here.find((one) => one.house === house.id);
          const pinned = found?.pinned === true;
          return (
            <li key={house.id} className="flex items-center gap-3 border-b border-hair py-1.5">
              <span className="flex-1">
                {house.name}
                <span className="block text-sm text-ink-2">{saidOf(found)}</span>
              </span>
              <Button aria-pressed={pinned} onClick={() => void turn(house.id, pinned)}>
                {pinned ? "Let it go" : "Take it along"}
              </Button>
            </li>
          );
        })}
      </ul>
      {trouble !== null && (
        <p role="alert" className="mt-2 font-semibold text-bare">
          {trouble}
        </p>
      )}
      <p className="mt-2 text-sm text-ink-2">
        Houses on a phone are not encrypted by us: lock the phone. Signing out takes them off it.
      </p>
    </section>
  );
}

function saidOf(found: Here | undefined): string {
  if (found === undefined) return "not on this phone";
  const day = new Date(found.since).toISOString().slice(0, 10);
  return found.pinned ? `kept here, as of ${day}` : `here until ${DAYS} days after it was opened, as of ${day}`;
}

function EngineHere() {
  const { answers } = useReach();
  const [taken, setTaken] = useState<Taken | null>(null);
  const [fetching, setFetching] = useState(false);
  const [failed, setFailed] = useState(false);
  const [off, setOff] = useState(ahead.setting() === "off");
  useEffect(() => {
    void engineTaken().then(setTaken, () => setFailed(true));
  }, []);
  const take = async () => {
    ahead.set("on");
    setOff(false);
    setFetching(true);
    setFailed(false);
    try {
      await takeEngine(setTaken);
    } catch {
      setFailed(true);
    }
    setFetching(false);
  };
  const size = taken === null ? "" : `${(taken.all / MB).toFixed(1)} MB`;
  const got = taken === null ? 0 : taken.all - taken.missing;
  const isHere = taken !== null && taken.missing === 0;
  return (
    <div className="mt-3 border-[1.5px] border-ink px-3 py-2.5">
      <p className="font-semibold">
        The engine{size && `, ${size}`}:{" "}
        {off ? "not used on this phone" : isHere ? "on this phone" : fetching ? "on its way" : "not on this phone"}
      </p>
      {fetching && taken !== null && (
        <p className="mt-1 text-sm">
          <progress className="h-2 w-full accent-[var(--kept)]" max={taken.all} value={got} aria-label="Fetched" />
          {(got / MB).toFixed(1)} of {size}
        </p>
      )}
      {failed && !fetching && (
        <p className="text-sm font-semibold text-bare">
          {answers ? "It did not come whole." : "It needs a signal, once."} What is here of it stays.
        </p>
      )}
      <div className="mt-2 flex gap-2">
        {(!isHere || off) && !fetching && <Button onClick={() => void take()}>Take the engine along</Button>}
        {isHere && !off && (
          <Button
            onClick={() => {
              ahead.set("off");
              setOff(true);
            }}
          >
            Do without it here
          </Button>
        )}
      </div>
    </div>
  );
}
