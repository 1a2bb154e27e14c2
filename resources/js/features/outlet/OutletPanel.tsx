import type { ReactNode } from "react";
import type { Patch } from "@/features/house/useHouse";
import type { HouseHead, Option, Outlet, Room } from "@/types/sheet";
import { Choose } from "@/ui/Choose";
import { Distances } from "./Distances";
import { VerdictTag, VerdictWord } from "./VerdictTag";

export interface OutletChoices {
  edition: Option[];
  work: Option[];
  device: Option[];
  serves: Option[];
  crosses: Option[];
}

interface Props {
  house: HouseHead;
  rooms: Room[];
  outlet: Outlet;
  choices: OutletChoices;
  onChange: (changes: Patch[]) => void;
}

/** One outlet: what it is, what the code asks there and why, what protects it, and what would change that. */
export function OutletPanel({ house, rooms, outlet, choices, onChange }: Props) {
  const set = (fields: Record<string, unknown>) => onChange([{ in: "points", id: outlet.id, set: fields }]);
  return (
    <div className="flex flex-col gap-3.5">
      <header>
        <p className="code text-sm text-ink-2">{outlet.code}</p>
        <h2 className="text-2xl">{outlet.name}</h2>
        <p className="text-ink-2">
          {outlet.kindName}
          {outlet.kind === "receptacle" && `, ${outlet.amps} A, ${outlet.volts} V`}
          {outlet.circuit === null ? ", circuit not known" : `, circuit ${outlet.circuit}`}
        </p>
      </header>
      <VerdictTag verdict={outlet.verdict} name={outlet.verdictName} own={outlet.guards.some((guard) => guard.self)} />
      <Findings outlet={outlet} />
      <Asked outlet={outlet} edition={house.editionName} />
      <Fact title={protection(outlet)} />
      <section className="border-t-2 border-ink pt-3">
        <h3 className="mb-2 text-base">As it stands</h3>
        <div className="grid grid-cols-[4.5rem_1fr] items-center gap-x-2 gap-y-2">
          <span className="narrow text-ink-2">Device</span>
          <Choose
            label="Device"
            value={outlet.device}
            options={choices.device}
            onChange={(device) => set({ device })}
          />
          <span className="narrow text-ink-2">Serves</span>
          <Choose
            label="Serves"
            value={outlet.serves}
            options={choices.serves}
            onChange={(serves) => set({ serves })}
          />
        </div>
        <Distances
          outlet={outlet}
          rooms={rooms}
          crosses={choices.crosses}
          onChange={(distances) => set({ distances })}
        />
      </section>
      <WouldChange outlet={outlet} />
    </div>
  );
}

function Findings({ outlet }: { outlet: Outlet }) {
  return outlet.findings.map((finding) => (
    <p
      key={finding.id}
      className={
        finding.severity === "error"
          ? "border-l-[6px] border-bare bg-bare-ground px-3 py-2 text-sm"
          : "border-l-[6px] border-ink bg-band px-3 py-2 text-sm"
      }
    >
      <b className="block">
        {finding.severity === "error" ? "Wrong" : finding.severity === "warning" ? "Look at this" : "Advice"}
      </b>
      {finding.why}
      {finding.clause && <span className="block text-ink-2">{finding.clause}</span>}
    </p>
  ));
}

function Asked({ outlet, edition }: { outlet: Outlet; edition: string }) {
  return (
    <>
      {outlet.demands.map((demand) => (
        <Fact key={demand.clause} title={demand.reason}>
          <Clause edition={edition} clause={demand.clause} /> {demand.fact}
          {demand.amended && <span className="block font-semibold">Amended: {demand.amended}</span>}
        </Fact>
      ))}
      {outlet.exemptions.map((exemption) => (
        <Fact key={exemption.clause} title={exemption.why}>
          <Clause edition={edition} clause={exemption.by} /> lets it off from {exemption.clause}.
        </Fact>
      ))}
      {outlet.demands.length === 0 && outlet.exemptions.length === 0 && (
        <Fact title="Nothing in 210.8(A) asks for GFCI here">
          <Clause edition={edition} clause="210.8(A)" />{" "}
          {outlet.kind === "receptacle"
            ? "Neither its room nor its distance to water counts."
            : "It speaks of receptacles."}
        </Fact>
      )}
    </>
  );
}

function Clause({ edition, clause }: { edition: string; clause: string }) {
  return (
    <span className="font-semibold whitespace-nowrap text-ink">
      {edition} {clause}.
    </span>
  );
}

function protection(outlet: Outlet): string {
  if (outlet.guards.length === 0) return "Nothing protects it now";
  return `Protected by ${outlet.guards.map((guard) => (guard.self ? "its own device" : guard.spoken)).join(", then ")}`;
}

function WouldChange({ outlet }: { outlet: Outlet }) {
  if (outlet.whatIf.length === 0) return null;
  return (
    <section className="border-t border-hair pt-3">
      <h3 className="mb-1 text-base">What would change this</h3>
      <ul className="text-sm">
        {outlet.whatIf.map((other) => (
          <li
            key={other.text}
            className="grid grid-cols-[1fr_auto] gap-x-3 border-t border-hair py-1.5 first:border-t-0"
          >
            <span>
              {other.text}
              {other.also.length > 0 && (
                <span className="block text-ink-2">
                  Also covers <span className="code text-xs">{other.also.join(", ")}</span>
                </span>
              )}
            </span>
            <VerdictWord verdict={other.verdict} name={other.verdictName} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Fact({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="border-t border-hair pt-2.5">
      <p className="font-bold">{title}</p>
      {children && <p className="text-sm text-ink-2">{children}</p>}
    </div>
  );
}
