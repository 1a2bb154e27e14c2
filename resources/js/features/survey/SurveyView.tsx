import { Suspense, useState } from "react";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import type { Workspace } from "@/features/workspace/useWorkspace";
import { lazily } from "@/lib/lazily";
import { useMay } from "@/lib/useMay";
import type { Room } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { ThreeWorst } from "./ThreeWorst";
import { useTapped } from "./useTapped";

const AddRoom = lazily(async () => (await import("./AddRoom")).AddRoom);
const AddOutlet = lazily(async () => (await import("./AddOutlet")).AddOutlet);
const TapCard = lazily(async () => (await import("./TapCard")).TapCard);
const RoomSheet = lazily(async () => (await import("@/features/rooms/RoomSheet")).RoomSheet);

interface Props {
  work: Workspace;
  choices: OutletChoices;
}

/** The survey: the three worst, then the rooms with their outlets, and what they usually have to be confirmed by taps. */
export function SurveyView({ work, choices }: Props) {
  const { house, select } = work;
  const { sheet } = house;
  const may = useMay();
  const tapped = useTapped();
  const [adding, add] = useState<"room" | Room | null>(null);
  const [busy, setBusy] = useState(false);
  const { draft } = tapped;

  const send = async (request: Parameters<typeof house.send>[0]) => {
    setBusy(true);
    const answer = await house.send(request);
    setBusy(false);
    return answer;
  };
  const addRoom = async (kind: string, water: string[]) => {
    add(null);
    const answer = await send({ path: "survey/rooms", kind, water });
    const room = answer?.rooms?.at(-1);
    if (room?.ghosts[0]) tapped.begin(room, room.ghosts[0]);
  };
  const right = async () => {
    if (draft === null || busy) return;
    const { room, serves, kind, device, amps, fixture, ft } = draft;
    const answer = await send({ path: "survey/outlets", area: room, serves, kind, device, amps, fixture, ft });
    if (answer?.rooms) tapped.next(answer.rooms.find((one) => one.id === room));
  };
  const strike = async () => {
    if (draft === null || busy) return;
    const answer = await send({ path: "survey/strike", area: draft.room, serves: draft.serves });
    if (answer?.rooms) tapped.next(answer.rooms.find((one) => one.id === draft.room));
  };
  return (
    <>
      {sheet.rooms.length === 0 ? (
        <NotBegun
          step="The first room"
          onStep={may.change ? () => add("room") : null}
          more={
            <p className="mt-4 text-ink-2">
              Or say it as a line (Type, or the key /), as in <span className="code">K1 kit sink</span>, then its
              outlets, one line each.
            </p>
          }
        >
          Begin with the room you stand in. Its kind brings its usual outlets, drawn dashed: confirm each, place it, or
          strike it out.
        </NotBegun>
      ) : (
        <>
          <ThreeWorst sheet={sheet} onOpen={work.openConcern} onAll={() => work.goTo("survey", true)} />
          <RoomsDrawing
            rooms={sheet.rooms}
            unit={sheet.house.unit}
            protection={work.protection}
            selected={work.selected}
            onSelect={select}
            {...(may.change
              ? { onArrange: house.arrange, onAdd: add, onRoom: (room: Room) => work.lookAtRoom(room.code) }
              : {})}
            tapping={draft}
            onGhost={may.change ? tapped.begin : null}
            onPlace={(ft, fixture) => tapped.change({ ft, fixture })}
            card={(room) =>
              draft?.room === room.id && (
                <Suspense>
                  <TapCard
                    key={`${draft.serves} ${room.ghosts.length} ${room.outlets.length}`}
                    room={room}
                    draft={draft}
                    code={room.nextCode}
                    more={draft.usual && room.ghosts.length > 1}
                    unit={sheet.house.unit}
                    devices={choices.device}
                    busy={busy}
                    onChange={tapped.change}
                    onRight={() => void right()}
                    onStrike={() => void strike()}
                    onClose={tapped.close}
                  />
                </Suspense>
              )
            }
          />
          {may.change && (
            <Button className="mb-6 max-lg:w-full" onClick={() => add("room")}>
              + Room
            </Button>
          )}
        </>
      )}
      <Suspense>
        {adding === "room" && (
          <AddRoom rooms={choices.rooms} onAdd={(kind, water) => void addRoom(kind, water)} onClose={() => add(null)} />
        )}
        {adding !== null && adding !== "room" && (
          <AddOutlet
            room={adding}
            serves={choices.serves}
            onPick={(ghost) => {
              tapped.begin(adding, ghost, false);
              add(null);
            }}
            onClose={() => add(null)}
          />
        )}
        {work.room && (
          <RoomSheet room={work.room} work={work} choices={choices} onClose={() => work.lookAtRoom(null)} />
        )}
      </Suspense>
    </>
  );
}
