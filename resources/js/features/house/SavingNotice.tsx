import { Link } from "@inertiajs/react";
import { useEffect, useState } from "react";
import { useReach } from "@/data/reach";
import type { Clash, Told } from "@/data/store";
import { onAway } from "@/lib/api";
import { clock } from "@/lib/clock";
import { Button } from "@/ui/Button";
import type { HouseInHand } from "./useHouse";

interface Props {
  house: HouseInHand;
  /** Puts a line that was refused back where it is typed. */
  onMend: (line: string) => void;
}

/** Said only when sending did not simply work: what happened, and what to do about it. Nothing typed is lost. */
export function SavingNotice({ house, onMend }: Props) {
  const [away, setAway] = useState(false);
  const { signedOut } = useReach();
  useEffect(() => onAway(setAway), []);
  const waiting = house.told.filter((one) => one.refusal === undefined).length;
  return (
    <>
      {away && (
        <p role="alert" className="border-b-2 border-advised bg-advised-ground px-5 py-2.5 font-semibold">
          The database is away. Nothing is lost: what you do waits here, and goes on by itself.
        </p>
      )}
      {signedOut && (
        <div
          role="alert"
          className="flex flex-wrap items-center gap-3 border-b-2 border-bare bg-bare-ground px-5 py-2.5"
        >
          <p className="flex-1 font-semibold">
            Your session has ended.{" "}
            {waiting === 0
              ? "Sign in to go on."
              : `Sign in, and what is kept here goes on: ${waiting} ${waiting === 1 ? "change waits" : "changes wait"}.`}
          </p>
          <Link href="/sign-in" className="flex min-h-12 items-center bg-ink px-4 font-semibold text-sheet">
            Sign in
          </Link>
        </div>
      )}
      {house.refused !== null && (
        <div
          role="alert"
          className="flex flex-wrap items-center gap-5 border-b-2 border-bare bg-bare-ground px-5 py-2.5"
        >
          <p className="font-semibold">{house.refused}</p>
          <Button size="small" onClick={house.dismiss}>
            Understood
          </Button>
        </div>
      )}
      {house.told
        .filter((one) => one.refusal !== undefined)
        .map((one) => (
          <Refused key={one.id} house={house} one={one} onMend={onMend} />
        ))}
    </>
  );
}

/** What the server did not take: why, and where another wants the same field otherwise, both. */
function Refused({ house, one, onMend }: Props & { one: Told }) {
  const clashes = one.refusal?.clashes ?? [];
  const isLine = one.path === "entry";
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b-2 border-bare bg-bare-ground px-5 py-2.5"
    >
      <div className="min-w-60 flex-1">
        <p className="font-semibold">
          {isLine ? <span className="code">{one.name}</span> : one.name}: {one.refusal?.message}
        </p>
        {clashes.length > 0 && (
          <ul className="text-sm">
            {clashes.map((clash) => (
              <li key={`${clash.id} ${clash.field}`}>{bothOf(clash)}</li>
            ))}
          </ul>
        )}
      </div>
      {isLine && (
        <Button
          tone="main"
          onClick={() => {
            onMend(String(one.body.line));
            house.drop(one);
          }}
        >
          Mend it
        </Button>
      )}
      {clashes.length > 0 && (
        <Button tone="main" onClick={() => house.again(one)}>
          Put mine on top
        </Button>
      )}
      <Button onClick={() => house.drop(one)}>{clashes.length > 0 ? "Leave theirs" : "Understood"}</Button>
    </div>
  );
}

function bothOf(clash: Clash): string {
  const who = clash.who ?? "Somebody";
  if (clash.field === "") return `${who} took it out at ${clock(clash.at)}.`;
  return `${clash.field.replaceAll("_", " ")}: you say ${said(clash.mine)}, ${who} said ${said(clash.theirs)} at ${clock(clash.at)}.`;
}

function said(value: unknown): string {
  return value === null || value === undefined
    ? "nothing"
    : typeof value === "string"
      ? `"${value}"`
      : JSON.stringify(value);
}
