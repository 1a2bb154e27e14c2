import type { ReactNode } from "react";
import { May } from "@/features/account/May";
import { Findings } from "@/features/findings/Findings";
import type { HouseInHand } from "@/features/house/useHouse";
import type { ServesChoice } from "@/features/survey/AddOutlet";
import type { RoomChoice } from "@/features/survey/AddRoom";
import { Sweep } from "@/features/survey/Sweep";
import type { FindingShown, Judged, MannersKnown, Outlet } from "@/types/pages";
import type { Instrument, Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { AnotherDevice } from "./AnotherDevice";
import { AsItStands } from "./AsItStands";
import { Buttons } from "./Buttons";
import { PlaceOnTheWalk } from "./PlaceOnTheWalk";
import { TakenForGranted } from "./TakenForGranted";
import { VerdictTag } from "./VerdictTag";
import { WouldChange } from "./WouldChange";

export interface OutletChoices {
  edition: Option[];
  work: Option[];
  device: Option[];
  serves: ServesChoice[];
  crosses: Option[];
  applianceClass: Option[];
  exposure: Option[];
  ground: Option[];
  cover: Option[];
  light: Option[];
  sound: Option[];
  resetBy: Option[];
  manners?: MannersKnown[];
  kind: Option[];
  fixture: Option[];
  breaker: Option[];
  rooms: RoomChoice[];
}

interface Props {
  hand: HouseInHand;
  outlet: Outlet;
  choices: OutletChoices;
  instruments: Instrument[];
  /** Takes the outlet as a line to quick entry. */
  onLine: (line: string) => void;
  /** What feeds it: its run. */
  onRun: () => void;
  /** To the round of tests after the work. */
  onProve: () => void;
}

/** One outlet: what it is, what the code asks there and why, what protects it, and what would change that. */
export function OutletPanel({ hand, outlet, choices, instruments, onLine, onRun, onProve }: Props) {
  const { house, rooms, live } = hand.sheet;
  const onChange = hand.change;
  const set = (fields: Record<string, unknown>) => onChange([{ in: "points", id: outlet.id, set: fields }]);
  return (
    <div className="flex flex-col gap-3.5">
      <header>
        <p className="code text-sm text-ink-2">{outlet.code}</p>
        <h2 className="text-2xl">{outlet.name}</h2>
        <p className="text-ink-2">
          {outlet.kindName}
          {outlet.kind === "receptacle" && `, ${outlet.amps} A, ${outlet.volts} V`}
          {outlet.work !== null && `; ${outlet.workName.toLowerCase()}`}
        </p>
        <Button size="small" className="mt-1.5" onClick={onRun}>
          {outlet.circuit === null ? "Breaker not known: trace it" : `Breaker ${outlet.circuit}: what feeds it`}
        </Button>
      </header>
      <Verdict judged={outlet.gfci} name="GFCI" />
      <Findings
        edition={house.editionName}
        findings={outlet.findings.filter((finding) => finding.severity !== "advice")}
      />
      <Asked judged={outlet.gfci} edition={house.editionName} />
      <section className="border-t-2 border-ink pt-3">
        <div className="mb-2 flex items-center">
          <h3 className="text-base">As it stands</h3>
          <Button size="small" tone="bare" className="ml-auto underline" onClick={() => onLine(outlet.line)}>
            As a line
          </Button>
        </div>
        <May what="change">
          <AsItStands
            key={house.permitDate}
            house={house}
            rooms={rooms}
            outlet={outlet}
            choices={choices}
            live={live}
            onPlugIn={(name) => void hand.send({ path: "survey/appliances", point: outlet.id, name })}
            onChange={onChange}
            set={set}
          />
        </May>
      </section>
      <May what="change">
        <AnotherDevice
          outlet={outlet}
          devices={choices.device}
          onReplaced={(device) => void hand.send({ path: "devices/replaced", point: outlet.id, device })}
          onProve={onProve}
        />
        <TakenForGranted granted={outlet.granted} onChange={onChange} />
      </May>
      {outlet.kind === "receptacle" && (
        <May what="work">
          {outlet.takesTester && <Sweep house={hand} outlet={outlet} instruments={instruments} />}
          <Buttons house={hand} outlet={outlet} instruments={instruments} />
        </May>
      )}
      <WouldChange house={hand} outlet={outlet} />
      <Findings edition={house.editionName} findings={advice(outlet)} />
      <section className="flex flex-col gap-3 border-t-2 border-ink pt-3">
        <Verdict judged={outlet.afci} name="AFCI" />
        <Asked judged={outlet.afci} edition={house.editionName} />
      </section>
      <May what="change">
        {outlet.built.map((asked) => (
          <Built
            key={asked.field}
            asked={asked}
            edition={house.editionName}
            onChange={(has) => set({ [asked.field]: has })}
          />
        ))}
        <PlaceOnTheWalk
          outlet={outlet}
          rooms={rooms}
          onArrange={hand.arrange}
          onRoom={(area) => void hand.send({ path: "rooms/move", point: outlet.id, area })}
        />
      </May>
    </div>
  );
}

/** What is asked of the outlet's own make is shown with its taps below, not as advice. */
function advice(outlet: Outlet): FindingShown[] {
  return outlet.findings.filter(({ severity, id }) => severity === "advice" && id !== "not_tr" && id !== "not_wr");
}

/** A verdict in its shape and words, and what protects the outlet that way now. */
function Verdict({ judged, name }: { judged: Judged; name: string }) {
  return (
    <VerdictTag
      verdict={judged.verdict}
      words={`${name} ${judged.verdictName}`}
      own={judged.guards.some((guard) => guard.self)}
    />
  );
}

function Asked({ judged, edition }: { judged: Judged; edition: string }) {
  return (
    <>
      {judged.demands.map((demand) => (
        <Fact key={demand.clause} title={demand.reason}>
          <Clause edition={edition} clause={demand.clause} /> {demand.fact}
          {demand.amended && <span className="block font-semibold">Amended: {demand.amended}</span>}
        </Fact>
      ))}
      {judged.exemptions.map((exemption) => (
        <Fact key={exemption.clause} title={exemption.why}>
          <Clause edition={edition} clause={exemption.by} /> lets it off from {exemption.clause}.
        </Fact>
      ))}
      {judged.demands.length === 0 && judged.exemptions.length === 0 && (
        <Fact title={`Nothing in ${edition} asks for it here`}>{judged.whyNot}</Fact>
      )}
      <Fact title={protection(judged)}>
        {[shown(judged), judged.objections.length > 0 ? `But ${judged.objections.join("; ")}.` : null]
          .filter((said) => said !== null)
          .join(" ")}
      </Fact>
    </>
  );
}

interface BuiltProps {
  asked: Outlet["built"][number];
  edition: string;
  onChange: (has: boolean) => void;
}

/** Tamper- or weather-resistance: asked for, and whether it is there. One tap records it. */
function Built({ asked, edition, onChange }: BuiltProps) {
  return (
    <section className="border-t border-hair pt-2.5">
      <p className="font-bold">
        {asked.name} {asked.has === null ? "asked, not recorded" : asked.has ? "met" : "missing"}
      </p>
      {asked.demands.map((demand) => (
        <p key={demand.clause} className="text-sm text-ink-2">
          <Clause edition={edition} clause={demand.clause} /> {demand.fact}
        </p>
      ))}
      <div className="mt-2 flex gap-2">
        <Button
          size="small"
          tone={asked.has === true ? "main" : "plain"}
          aria-pressed={asked.has === true}
          onClick={() => onChange(true)}
        >
          It is
        </Button>
        <Button
          size="small"
          tone={asked.has === false ? "main" : "plain"}
          aria-pressed={asked.has === false}
          onClick={() => onChange(false)}
        >
          It is not
        </Button>
      </div>
    </section>
  );
}

function Clause({ edition, clause }: { edition: string; clause: string }) {
  return (
    <span className="font-semibold whitespace-nowrap text-ink">
      {edition} {clause}.
    </span>
  );
}

function protection(judged: Judged): string {
  if (judged.guards.length === 0) return "Nothing protects it now";
  return `Protected by ${judged.guards.map((guard) => (guard.self ? "its own device" : guard.spoken)).join(", then ")}`;
}

/** What was seen to protect it, and is not drawn. */
function shown({ guards }: Judged): string | null {
  const facts = guards.flatMap((guard) => guard.shown ?? []);
  return facts.length === 0 ? null : `Shown, the order of the run is not known: ${facts.join("; ")}.`;
}

function Fact({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="border-t border-hair pt-2.5">
      <p className="font-bold">{title}</p>
      {children ? <p className="text-sm text-ink-2">{children}</p> : null}
    </div>
  );
}
