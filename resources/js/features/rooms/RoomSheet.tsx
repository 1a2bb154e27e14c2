import { useState } from "react";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import type { Workspace } from "@/features/workspace/useWorkspace";
import type { Room } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Choose, LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { Tap } from "@/ui/Taps";

interface Props {
  room: Room;
  work: Workspace;
  choices: OutletChoices;
  onClose: () => void;
}

/** A room as a whole: its name and kind, its water; one like it, one that is two, two that are one. */
export function RoomSheet({ room, work, choices, onClose }: Props) {
  const { house } = work;
  const others = house.sheet.rooms.filter((one) => one.id !== room.id);
  const set = (fields: Record<string, unknown>) => house.change([{ in: "areas", id: room.id, set: fields }]);
  return (
    <Sheet title={`${room.code} ${room.name}`} onClose={onClose}>
      <div className="flex flex-col gap-5 p-4">
        <Naming key={`${room.name} ${room.code}`} room={room} onSet={set} />
        <LabelledChoose
          label="What it is"
          value={room.areaKind}
          options={choices.rooms}
          onChange={(kind) => set({ kind })}
        />
        <Water room={room} work={work} choices={choices} />
        <section>
          <h3 className="mb-2 text-base">Its outlets</h3>
          <div className="flex flex-wrap gap-2">
            <Button
              onClick={() => {
                void house.send({ path: "survey/usual", area: room.id, shown: room.ghosts.length === 0 });
                onClose();
              }}
            >
              {room.ghosts.length === 0 ? "Draw what it usually has" : "Put away what is left of the usual"}
            </Button>
            <Button
              onClick={() => {
                void house.enter({ line: `${room.likeCode} same as ${room.code}`, area: null, last: null });
                onClose();
              }}
            >
              One like it, as {room.likeCode}
            </Button>
          </div>
        </section>
        {others.length > 0 && (
          <section>
            <h3 className="mb-2 text-base">It is one room with</h3>
            <div className="flex flex-wrap gap-1.5">
              {others.map((other) => (
                <Tap
                  key={other.id}
                  pressed={false}
                  label={`Join it to ${other.code} ${other.name}`}
                  onTap={() => {
                    void house.send({ path: "rooms/join", gone: room.id, into: other.id });
                    work.lookAtRoom(null);
                  }}
                >
                  <span className="code text-sm">{other.code}</span> {other.name}
                </Tap>
              ))}
            </div>
          </section>
        )}
        {room.outlets.length > 1 && <Split room={room} work={work} choices={choices} onClose={onClose} />}
        <Button
          tone="bare"
          className="self-start underline"
          onClick={() => {
            house.arrange({ path: "removals/areas", id: room.id });
            onClose();
          }}
        >
          Take it out, with its {room.outlets.length === 1 ? "outlet" : `${room.outlets.length} outlets`}
        </Button>
      </div>
    </Sheet>
  );
}

function Naming({ room, onSet }: { room: Room; onSet: (fields: Record<string, unknown>) => void }) {
  const [name, setName] = useState(room.name);
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== "") onSet({ name: name.trim() });
      }}
    >
      <div className="flex-1">
        <Field label="Its name" value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </div>
      <Button type="submit" className="min-h-12" disabled={name.trim() === "" || name === room.name}>
        Call it so
      </Button>
    </form>
  );
}

function Water({ room, work, choices }: { room: Room; work: Workspace; choices: OutletChoices }) {
  const { house } = work;
  return (
    <section>
      <h3 className="mb-2 text-base">Its water</h3>
      <ul className="mb-2">
        {room.fixtures.map((fixture) => (
          <li key={fixture.id} className="flex items-center border-b border-hair">
            <span className="flex-1">{fixture.label}</span>
            <Button
              size="small"
              tone="bare"
              className="underline"
              aria-label={`There is no ${fixture.label.toLowerCase()} ${fixture.id}`}
              onClick={() => house.arrange({ path: "removals/fixtures", id: fixture.id })}
            >
              Not there
            </Button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-1.5">
        {choices.fixture.map((kind) => (
          <Tap
            key={kind.value}
            pressed={false}
            label={`Add a ${kind.label.toLowerCase()}`}
            onTap={() => void house.send({ path: "survey/water", area: room.id, kind: kind.value })}
          >
            + {kind.label}
          </Tap>
        ))}
      </div>
    </section>
  );
}

function Split({ room, work, choices, onClose }: Props) {
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState(room.areaKind as string);
  const [points, setPoints] = useState<string[]>([]);
  const [fixtures, setFixtures] = useState<string[]>([]);
  const toggled = (list: string[], id: string) =>
    list.includes(id) ? list.filter((one) => one !== id) : [...list, id];
  if (!open)
    return (
      <Button className="self-start" onClick={() => setOpen(true)}>
        It is two rooms
      </Button>
    );
  const name = choices.rooms.find((one) => one.value === kind)?.label ?? "";
  return (
    <section aria-label="It is two rooms" className="border-2 border-ink p-3">
      <h3 className="mb-2 text-base">What is in the other room</h3>
      <Choose label="The other room is" value={kind} options={choices.rooms} onChange={setKind} className="mb-2" />
      <div className="mb-3 flex flex-wrap gap-1.5">
        {room.outlets.map((outlet) => (
          <Tap
            key={outlet.id}
            pressed={points.includes(outlet.id)}
            label={`${outlet.code} is in the other room`}
            onTap={() => setPoints(toggled(points, outlet.id))}
          >
            <span className="code text-sm">{outlet.code}</span> {outlet.name}
          </Tap>
        ))}
        {room.fixtures.map((fixture) => (
          <Tap
            key={fixture.id}
            pressed={fixtures.includes(fixture.id)}
            label={`${fixture.label} ${fixture.id} is in the other room`}
            onTap={() => setFixtures(toggled(fixtures, fixture.id))}
          >
            {fixture.label}
          </Tap>
        ))}
      </div>
      <Button
        tone="main"
        disabled={points.length === 0}
        onClick={() => {
          void work.house.send({ path: "rooms/split", area: room.id, kind, name, points, fixtures });
          onClose();
        }}
      >
        Split it
      </Button>
    </section>
  );
}
