import { useState } from "react";
import type { Patch } from "@/features/house/requests";
import type { HouseInHand } from "@/features/house/useHouse";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { roughLength } from "@/lib/length";
import { useAsked } from "@/lib/useAsked";
import { useMay } from "@/lib/useMay";
import type { AddingPage, FeedOffer } from "@/types/pages";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { NotCome } from "@/ui/NotCome";
import { Sheet } from "@/ui/Sheet";
import { hours, toTheCent } from "./chosen";
import { SpotOnRuler } from "./SpotOnRuler";

interface Props {
  house: HouseInHand;
  choices: OutletChoices;
  onClose: () => void;
}

/** An outlet that is wanted: its room, where on the ruler, what for; then from which box it may be fed, what that takes, or why not. */
export function AddingSheet({ house, choices, onClose }: Props) {
  const { rooms } = house.sheet;
  const [area, setArea] = useState(rooms[0]?.id ?? "");
  const [serves, setServes] = useState("general");
  const [ft, setFt] = useState<number | null>(null);
  const [behind, setBehind] = useState("");
  const [found, setFound] = useState<{ of: string; page: AddingPage } | null>(null);
  const room = rooms.find((one) => one.id === area);
  const fixture = room?.fixtures[0] ?? null;
  const body = {
    area,
    serves,
    ...(fixture && ft !== null ? { fixture: fixture.id, ft } : {}),
    ...(behind === "" ? {} : { behind: [behind] }),
  };
  const of = `${house.version} ${JSON.stringify(body)}`;
  const asked = useAsked<AddingPage>(
    (path) => house.ask(path, body),
    "plans/adding",
    found?.of === of ? null : of,
    (page) => setFound({ of, page }),
  );
  const taps = found?.of === of ? found.page.taps : null;
  const allowed = taps?.filter((tap) => tap.refused.length === 0) ?? [];
  const refused = taps?.filter((tap) => tap.refused.length > 0) ?? [];
  const elsewhere = rooms.filter((one) => one.id !== area).flatMap((one) => one.outlets);
  return (
    <Sheet title="Add an outlet" onClose={onClose}>
      <div className="grid gap-3 p-4 lg:grid-cols-2">
        <LabelledChoose
          label="In which room"
          value={area}
          options={rooms.map((one) => ({ value: one.id, label: `${one.code} ${one.name}` }))}
          onChange={(next) => {
            setArea(next);
            setFt(null);
          }}
        />
        <LabelledChoose label="What it is for" value={serves} options={choices.serves} onChange={setServes} />
        {fixture && room && (
          <SpotOnRuler
            key={area}
            room={room}
            fixture={fixture}
            ft={ft}
            unit={house.sheet.house.unit}
            onChange={setFt}
          />
        )}
        <LabelledChoose
          label="Behind the wall there"
          value={behind}
          options={[
            { value: "", label: "No box is known" },
            ...elsewhere.map((outlet) => ({ value: outlet.id, label: `${outlet.code} ${outlet.name}` })),
          ]}
          onChange={setBehind}
        />
      </div>
      {!taps ? (
        <div className="px-4">
          <NotCome what="from where it may be fed" asked={asked} />
        </div>
      ) : (
        <div className="px-4 pb-4">
          <h3 className="border-b-2 border-ink pb-1 text-lg">
            {allowed.length === 0 ? "No box may be tapped" : "May be fed from"}
          </h3>
          <ul>
            {allowed.map((tap) => (
              <Allowed key={tap.code} tap={tap} house={house} onClose={onClose} />
            ))}
          </ul>
          {refused.length > 0 && (
            <>
              <h3 className="mt-4 border-b-2 border-ink pb-1 text-lg">Not from</h3>
              <ul>
                {refused.map((tap) => (
                  <li key={tap.code} className="border-b border-hair py-2">
                    <p>
                      <span className="code font-bold">{tap.code}</span> {tap.name}
                      {tap.circuit && <span className="text-ink-2">, {tap.circuit}</span>}
                    </p>
                    <ul className="text-sm">
                      {tap.refused.map((why) => (
                        <li key={why} className="border-l-4 border-bare py-0.5 pl-2">
                          {why}
                        </li>
                      ))}
                    </ul>
                  </li>
                ))}
              </ul>
            </>
          )}
          <p className="mt-4 text-sm text-ink-2">
            For licensed or qualified people. Local code and the authority having jurisdiction decide; breaker off and
            proved dead before a box is opened.
          </p>
        </div>
      )}
    </Sheet>
  );
}

function Allowed({ tap, house, onClose }: { tap: FeedOffer; house: HouseInHand; onClose: () => void }) {
  const may = useMay();
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <p className="min-w-0 flex-1">
          <span className="code font-bold">{tap.code}</span> {tap.name}
          {tap.circuit && <span className="text-ink-2">, {tap.circuit}</span>}
        </p>
        <p className="text-right">
          <span className="text-lg font-bold">{toTheCent(tap.cost)}</span>{" "}
          <span className="text-sm text-ink-2">{hours(tap.minutes)}</span>
        </p>
      </div>
      <p className="text-sm">
        {roughLength(tap.ft, house.sheet.house.unit)} of cable, {tap.wayName}. {tap.text}
      </p>
      <details className="text-sm">
        <summary className="min-h-9 cursor-pointer content-center font-semibold max-lg:min-h-12">
          What to cut{tap.notes.length > 0 && `; ${tap.notes.length} to mind`}
        </summary>
        <ol className="list-decimal pl-5">
          {tap.cut.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <ul>
          {tap.notes.map((note) => (
            <li key={note} className="border-l-4 border-advised py-0.5 pl-2">
              {note}
            </li>
          ))}
        </ul>
      </details>
      {may.change && (
        <Button
          className="mt-1.5 max-lg:w-full"
          onClick={() => {
            void house.send({
              path: "drafts",
              name: `${tap.outlet} from ${tap.code}`,
              changes: tap.patches as Patch[],
            });
            onClose();
          }}
        >
          Keep it as a draft
        </Button>
      )}
    </li>
  );
}
