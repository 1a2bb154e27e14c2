import { useEffect } from "react";
import { percent } from "@/lib/number";
import type { LookAt, Outlet } from "@/types/pages";
import { Choose } from "@/ui/Choose";
import { ANY, type LookingAt } from "./looking";

/** Picks the suspect whose looks are drawn. */
export function WhichIsIt({ looking }: { looking: LookingAt }) {
  const { suspects, suspect, isAsked, pick } = looking;
  // Asked for without one picked: the likeliest.
  const first = suspects[0]?.id;
  useEffect(() => {
    if (isAsked && suspect === null && first !== undefined) pick(first);
  }, [isAsked, suspect, first, pick]);
  const options = [
    { value: "", label: "As it is known" },
    ...(suspects.length === 0
      ? [{ value: ANY, label: isAsked ? "Suspects are followed" : "The suspects of the call" }]
      : suspects.map((one) => ({ value: one.id, label: `${percent(one.probability)} ${one.name}` }))),
  ];
  return (
    <div className="mb-3 flex items-center gap-2 print:hidden">
      <span className="text-sm font-semibold whitespace-nowrap narrow">Which is it?</span>
      <Choose
        label="What it would look like"
        value={suspect?.id ?? (isAsked ? ANY : "")}
        options={options}
        onChange={(value) => pick(value === "" ? null : value)}
        className="min-w-0 flex-1 lg:max-w-120"
      />
    </div>
  );
}

/** What would read otherwise if it were the one that is picked, and what was read: outlet by outlet. */
export function WouldRead({
  looking,
  outlets,
  onSelect,
}: {
  looking: LookingAt;
  outlets: Outlet[];
  onSelect: (id: string) => void;
}) {
  const { suspect } = looking;
  if (!suspect?.looks) return null;
  const shown = suspect.looks.at.filter((look) => look.isOther || look.clamp || look.tells || look.read.length > 0);
  const code = (id: string) => outlets.find((one) => one.id === id)?.code ?? id;
  return (
    <section aria-label="What it would look like" className="border-t-2 border-ink pt-2 pb-4 print:hidden">
      <h2 className="text-lg">If it is: {suspect.name}</h2>
      {suspect.looks.opened.length > 0 && <p>As it was told it opens: {suspect.looks.opened.join(", ")}.</p>}
      {suspect.looks.sees.map((one) => (
        <p key={one.spoken}>
          As it was told, {one.spoken} would see about <b>{one.ma.toFixed(1)} mA</b> of leakage; with nothing wrong{" "}
          {one.sound.toFixed(1)} mA.
        </p>
      ))}
      <p className="text-sm text-ink-2">
        Lamps and volts as the house stands now, every breaker on; a lit lamp is black: hot to neutral, hot to ground,
        neutral to ground. A clamp as it was told.{" "}
        {suspect.looks.open.length > 0 ? `Open now: ${suspect.looks.open.join(", ")}.` : "Nothing opens by it now."}
        {shown.length === 0 && " No outlet would read otherwise."}
      </p>
      <ul className="mt-1.5">
        {shown.map((look) => (
          <li key={look.point} className="border-t border-hair py-1.5">
            <button
              type="button"
              onClick={() => onSelect(look.point)}
              className="flex min-h-9 w-full cursor-pointer flex-wrap items-baseline gap-x-3 text-left hover:bg-band max-lg:min-h-12"
            >
              <b className="code">{code(look.point)}</b>
              <LookLine look={look} />
              {look.tells && suspect.looks?.rival && (
                <span className="text-sm font-semibold">▾ tells it from: {suspect.looks.rival}</span>
              )}
            </button>
            <WasRead look={look} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** In Measure: the same of one outlet. */
export function WouldReadHere({ looking, point }: { looking: LookingAt; point: string }) {
  const { suspect } = looking;
  const look = looking.at.get(point);
  return (
    <section aria-label="What it would look like" className="flex flex-col gap-1.5 border-l-4 border-ink pl-3">
      <WhichIsIt looking={looking} />
      {suspect && !look && <p className="text-sm text-ink-2">It would change nothing here.</p>}
      {suspect && look && (
        <>
          <p>
            <LookLine look={look} />{" "}
            {look.tells && suspect.looks?.rival && <b>That tells it from: {suspect.looks.rival}.</b>}
          </p>
          <WasRead look={look} />
        </>
      )}
    </section>
  );
}

const BETWEEN = [
  ["hn", "H-N"],
  ["hg", "H-G"],
  ["ng", "N-G"],
] as const;

/** What is other than it should be first. */
function LookLine({ look }: { look: LookAt }) {
  const clamp = look.clamp && (
    <b className="text-bare">
      clamp on its feed about {look.clamp.ma.toFixed(1)} mA, not {look.clamp.sound.toFixed(1)}
    </b>
  );
  if (!look.isOther)
    return (
      <span>
        {clamp}
        {clamp ? "; lamps and volts as they should be" : "Lamps and volts as they should be"}
      </span>
    );
  return (
    <span className="font-semibold text-bare">
      {look.spoken};{" "}
      <span className="tabular-nums narrow">
        {BETWEEN.map(
          ([between, name]) =>
            `${name} ${look.volts[between] === null ? "floats" : `${look.volts[between]?.toFixed(1)} V`}`,
        ).join(", ")}
      </span>
      {clamp && <>; {clamp}</>}
    </span>
  );
}

function WasRead({ look }: { look: LookAt }) {
  if (look.read.length === 0) return null;
  return (
    <ul className="text-sm text-ink-2">
      {look.read.slice(0, 3).map((one) => (
        <li key={one.spoken}>
          Read: {one.spoken}.{" "}
          {one.for !== null && <b className="text-ink">{one.for ? "Speaks for it." : "Speaks against it."}</b>}
        </li>
      ))}
    </ul>
  );
}
