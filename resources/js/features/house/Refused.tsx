import type { Clash, Told } from "@/data/store";
import { clock } from "@/lib/clock";
import { Button } from "@/ui/Button";
import type { HouseInHand } from "./useHouse";

interface Props {
  house: HouseInHand;
  one: Told;
  /** Puts a line back where it is typed. */
  onMend: (line: string) => void;
}

/** What the server did not take: why, and where another wants the same field otherwise, both. */
export function Refused({ house, one, onMend }: Props) {
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
