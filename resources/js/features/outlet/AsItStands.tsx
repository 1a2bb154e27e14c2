import { PermitDate } from "@/features/house/PermitDate";
import type { Patch } from "@/features/house/requests";
import { cn } from "@/lib/cn";
import type { Breaker, HouseHead, Outlet, Room } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { Length } from "@/ui/Length";
import { Tap } from "@/ui/Taps";
import { DeviceAge } from "./DeviceAge";
import { Distances } from "./Distances";
import type { OutletChoices } from "./OutletPanel";
import { PluggedIn } from "./PluggedIn";

interface Props {
  house: HouseHead;
  rooms: Room[];
  outlet: Outlet;
  choices: OutletChoices;
  /** The breakers, for an outlet that is not traced. */
  live: Breaker[];
  onPlugIn: (name: string) => void;
  onChange: (changes: Patch[]) => void;
  set: (fields: Record<string, unknown>) => void;
}

const UNSAID = "unsaid";

/** What is there, to be recorded otherwise at once: what nobody has said is shown as not said. */
export function AsItStands({ house, rooms, outlet, choices, live, onPlugIn, onChange, set }: Props) {
  const isReceptacle = outlet.kind === "receptacle";
  const isProtective = outlet.age !== null;
  return (
    <>
      <div className="grid grid-cols-[4.5rem_1fr] items-center gap-x-2 gap-y-2">
        <Row name="Device">
          <Choose
            label="Device"
            value={outlet.device}
            options={choices.device}
            onChange={(device) => set({ device })}
          />
        </Row>
        <Row name="Serves">
          <Choose
            label="Serves"
            value={outlet.serves}
            options={choices.serves}
            onChange={(serves) => set({ serves })}
          />
        </Row>
        {!outlet.traced && live.length > 0 && (
          <Row name="Breaker">
            <Unsaid
              label="Breaker it is taken to be on"
              value={outlet.circuitId}
              options={live.map((breaker) => ({
                value: breaker.id,
                label: `${breaker.slot} ${breaker.label}, ${breaker.amps} A`,
              }))}
              onChange={(circuit) => set({ circuit })}
            />
          </Row>
        )}
        {isReceptacle && (
          <>
            <Row name="Ground">
              <Unsaid
                label="Ground"
                value={outlet.ground}
                options={choices.ground}
                onChange={(ground) => set({ ground })}
              />
            </Row>
            {outlet.ground === "none" && (
              <Row name="Slots">
                <Choose
                  label="Slots"
                  value={String(outlet.slots)}
                  options={[
                    { value: "3", label: "Three, as if grounded" },
                    { value: "2", label: "Two" },
                  ]}
                  onChange={(slots) => set({ slots: Number(slots) })}
                />
              </Row>
            )}
            <Row name="Location">
              <Unsaid
                label="Location"
                value={outlet.exposure}
                options={choices.exposure}
                onChange={(exposure) => set({ exposure })}
              />
            </Row>
            {outlet.weather && (
              <Row name="Cover">
                <Unsaid
                  label="Cover"
                  value={outlet.cover}
                  options={choices.cover}
                  onChange={(cover) => set({ cover })}
                />
              </Row>
            )}
            {outlet.nearTub && (
              <Row name="Height">
                <Length
                  key={`${outlet.heightFt} ${house.unit}`}
                  label="Height above the floor"
                  ft={outlet.heightFt}
                  unit={house.unit}
                  onChange={(height_ft) => set({ height_ft })}
                />
              </Row>
            )}
          </>
        )}
        {isProtective && (
          <>
            {outlet.like && (
              <Button size="small" className="col-span-2" onClick={() => set(outlet.like?.set ?? {})}>
                Of the same make as {outlet.like.code}: as that one
              </Button>
            )}
            {outlet.like === null &&
              (choices.manners ?? [])
                .filter((one) => one.kind === outlet.mannersOf)
                .map((one) => (
                  <Button
                    key={one.at + JSON.stringify(one.set)}
                    size="small"
                    className="col-span-2"
                    onClick={() => set(one.set)}
                  >
                    Of the make at {one.at}: as that one
                  </Button>
                ))}
            <Row name="Its light">
              <Unsaid
                label="Its light"
                value={outlet.light}
                options={choices.light}
                onChange={(light) => set({ light })}
              />
            </Row>
            <Row name="Sound">
              <Unsaid
                label="Its sound"
                value={outlet.sound}
                options={choices.sound}
                onChange={(sound) => set({ sound })}
              />
            </Row>
            <Row name="Reset">
              <Unsaid
                label="How it is reset"
                value={outlet.resetBy}
                options={choices.resetBy}
                onChange={(reset_by) => set({ reset_by })}
              />
            </Row>
            <Row name="Through">
              <Unsaid
                label="Feeds through"
                value={outlet.feedThroughAmps === null ? null : String(outlet.feedThroughAmps)}
                options={[
                  { value: "15", label: "15 A" },
                  { value: "20", label: "20 A" },
                ]}
                onChange={(amps) => set({ feed_through_amps: amps === null ? null : Number(amps) })}
              />
            </Row>
          </>
        )}
        {outlet.labels.length > 0 && (
          <Row name="Labels">
            <div className="flex flex-wrap gap-1.5">
              {outlet.labels.map((one) => (
                <Tap
                  key={one.value}
                  pressed={one.has}
                  onTap={() =>
                    set({
                      labels: outlet.labels
                        .filter((other) => (other.value === one.value ? !one.has : other.has))
                        .map((other) => other.value),
                    })
                  }
                  className={cn("min-h-9 px-2 text-sm narrow", one.asked && !one.has && "border-bare text-bare")}
                >
                  {one.label}
                  {one.asked && !one.has && ": asked"}
                </Tap>
              ))}
            </div>
          </Row>
        )}
        <Row name="Work">
          <Choose
            label="Kind of work here"
            value={outlet.work ?? UNSAID}
            options={[{ value: UNSAID, label: `As the house: ${house.workName.toLowerCase()}` }, ...choices.work]}
            onChange={(work) => set({ work: work === UNSAID ? null : work })}
          />
        </Row>
      </div>
      {outlet.deferral && (
        <div className="mt-2">
          <p className="text-sm text-ink-2">{outlet.deferral}</p>
          <PermitDate
            date={house.permitDate}
            onChange={(permit_date) => onChange([{ in: "house", set: { permit_date } }])}
          />
        </div>
      )}
      <Distances
        outlet={outlet}
        rooms={rooms}
        crosses={choices.crosses}
        unit={house.unit}
        onChange={(distances) => set({ distances })}
      />
      <PluggedIn
        appliances={outlet.appliances}
        usual={outlet.usual.filter((one) => outlet.appliances.every((there) => there.name !== one.name))}
        onPlugIn={onPlugIn}
        classes={choices.applianceClass}
        onChange={onChange}
      />
      {outlet.age && <DeviceAge key={outlet.age.installedOn} age={outlet.age} onChange={set} />}
    </>
  );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <span className="narrow text-ink-2">{name}</span>
      {children}
    </>
  );
}

interface UnsaidProps {
  label: string;
  value: string | null;
  options: Option[];
  onChange: (value: string | null) => void;
}

/** One of a list, or nothing: not recorded. */
function Unsaid({ label, value, options, onChange }: UnsaidProps) {
  return (
    <Choose
      label={label}
      value={value ?? UNSAID}
      options={[{ value: UNSAID, label: "Not recorded" }, ...options]}
      onChange={(next) => onChange(next === UNSAID ? null : next)}
      className={value === null ? "border-dashed font-normal text-ink-2" : ""}
    />
  );
}
