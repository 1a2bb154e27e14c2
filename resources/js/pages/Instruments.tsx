import { router, useForm } from "@inertiajs/react";
import { useState } from "react";
import { Paper } from "@/features/shell/Paper";
import { post } from "@/lib/api";
import { useMay } from "@/lib/useMay";
import type { Instrument, Lamp } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";
import { Segments } from "@/ui/Segments";

interface Props {
  instruments: (Instrument & { shows_time: boolean; serial: string | null; calibrated_on: string | null })[];
  /** How the crew marks the feed in a box it roughs in. */
  feedMark: string | null;
  deviceAmps: number | null;
  replaceYears: number | null;
}

interface NewInstrument {
  name: string;
  lamps: Lamp[];
  has_button: boolean;
  shows_volts: boolean;
  shows_time: boolean;
  serial: string;
  calibrated_on: string;
}

const LAMPS: { value: Lamp; label: string }[] = [
  { value: "hn", label: "hot to neutral" },
  { value: "hg", label: "hot to ground" },
  { value: "ng", label: "neutral to ground" },
];
const PLACES = ["Left lamp", "Middle lamp", "Right lamp"];

/** The crew's testers: readings are tapped in the order of the one in your hand. */
export default function Instruments({ instruments, feedMark, deviceAmps, replaceYears }: Props) {
  const may = useMay();
  const form = useForm<NewInstrument>({
    name: "",
    lamps: ["hn", "hg", "ng"],
    has_button: true,
    shows_volts: false,
    shows_time: false,
    serial: "",
    calibrated_on: "",
  });
  /** Two lamps change places, so that each stays there once. */
  const place = (at: number, lamp: Lamp) => {
    const other = form.data.lamps.indexOf(lamp);
    form.setData(
      "lamps",
      form.data.lamps.map((old, i) => (i === at ? lamp : i === other ? (form.data.lamps[at] ?? old) : old)),
    );
  };
  return (
    <Paper title="Testers" back={{ href: "/houses", name: "Houses" }}>
      <div className="grid gap-x-12 gap-y-8 pt-4 lg:grid-cols-[1fr_22rem]">
        <div className="flex flex-col gap-6">
          <ul>
            {instruments.length === 0 && (
              <li className="text-ink-2">
                No tester yet: lamps are taken as hot to neutral, hot to ground, neutral to ground.
              </li>
            )}
            {instruments.map((one) => (
              <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-t border-hair py-2">
                <b className="text-lg [font-stretch:84%]">{one.name}</b>
                <span className="text-ink-2">
                  {one.lamps.map((lamp) => LAMPS.find((known) => known.value === lamp)?.label).join(", ")}
                  {one.has_button && "; has a button"}
                  {one.shows_volts && "; shows volts"}
                  {one.shows_time && "; shows the trip time"}
                  {one.serial && `; serial ${one.serial}`}
                  {one.calibrated_on && `; calibrated ${one.calibrated_on.slice(0, 10)}`}
                </span>
                <Button
                  size="small"
                  tone="bare"
                  className="ml-auto underline"
                  aria-label={`Put ${one.name} away`}
                  onClick={() => router.delete(`/instruments/${one.id}`)}
                >
                  Put away
                </Button>
              </li>
            ))}
          </ul>
          {may.settle && <FeedMark mark={feedMark} />}
          {may.settle && <DeviceAmps amps={deviceAmps} />}
          {may.settle && <ReplaceYears years={replaceYears} />}
          <MeterToken />
        </div>
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            form.post("/instruments", { onSuccess: () => form.reset() });
          }}
        >
          <h2 className="text-xl">One more</h2>
          <Field
            label="What it is called"
            name="name"
            required
            value={form.data.name}
            onChange={(e) => form.setData("name", e.target.value)}
            error={form.errors.name}
          />
          {PLACES.map((label, at) => (
            <LabelledChoose
              key={label}
              label={label}
              value={form.data.lamps[at] ?? "hn"}
              options={LAMPS}
              onChange={(lamp) => place(at, lamp as Lamp)}
            />
          ))}
          {(["has_button", "shows_volts", "shows_time"] as const).map((can) => (
            <label key={can} className="flex min-h-11 items-center gap-2.5 max-lg:min-h-12">
              <input
                type="checkbox"
                className="size-6 accent-ink"
                checked={form.data[can]}
                onChange={(e) => form.setData(can, e.target.checked)}
              />
              {
                { has_button: "Has a GFCI test button", shows_volts: "Shows volts", shows_time: "Shows the trip time" }[
                  can
                ]
              }
            </label>
          ))}
          <Field
            label="Serial number, for the record"
            value={form.data.serial}
            maxLength={60}
            onChange={(e) => form.setData("serial", e.target.value)}
            error={form.errors.serial}
          />
          <Field
            label="Calibrated on"
            type="date"
            value={form.data.calibrated_on}
            onChange={(e) => form.setData("calibrated_on", e.target.value)}
            error={form.errors.calibrated_on}
          />
          <Button tone="main" type="submit" disabled={form.processing}>
            Add it
          </Button>
        </form>
      </div>
    </Paper>
  );
}

/** What tells the feed in a box the crew has roughed in itself: shown at the box when a mark is asked about. */
function FeedMark({ mark }: { mark: string | null }) {
  const form = useForm({ feed_mark: mark ?? "" });
  return (
    <form
      className="flex max-w-xl flex-col gap-2 border-t-2 border-ink pt-4"
      onSubmit={(event) => {
        event.preventDefault();
        form.put("/crew", { preserveScroll: true });
      }}
    >
      <Field
        label="How your crew marks the feed in a roughed-in box"
        name="feed_mark"
        value={form.data.feed_mark}
        onChange={(event) => form.setData("feed_mark", event.target.value)}
        error={form.errors.feed_mark}
        hint="For example: hot and neutral of the feed twisted together."
      />
      <Button type="submit" disabled={form.processing || form.data.feed_mark === (mark ?? "")}>
        Keep it
      </Button>
    </form>
  );
}

/** Which device the crew puts in where the circuit allows either: outlets entered by taps begin with it. */
function DeviceAmps({ amps }: { amps: number | null }) {
  return (
    <section aria-label="15 or 20 A devices" className="flex max-w-xl flex-col gap-2 border-t-2 border-ink pt-4">
      <h2 className="text-xl">15 or 20 A devices, where either is allowed</h2>
      <Segments
        label="15 or 20 A devices"
        value={amps === null ? "open" : String(amps)}
        options={[
          ["15", "15 A"],
          ["20", "20 A"],
          ["open", "as it comes"],
        ]}
        onChange={(value) =>
          router.put("/crew", { device_amps: value === "open" ? null : Number(value) }, { preserveScroll: true })
        }
      />
    </section>
  );
}

/** At what age the crew replaces a device that still works. */
function ReplaceYears({ years }: { years: number | null }) {
  return (
    <section aria-label="When devices are replaced" className="flex max-w-xl flex-col gap-2 border-t-2 border-ink pt-4">
      <h2 className="text-xl">A device that still works is replaced after</h2>
      <Segments
        label="Replaced after"
        value={String(years ?? 10)}
        options={[
          ["7", "7 years"],
          ["10", "10 years"],
          ["15", "15 years"],
          ["20", "20 years"],
        ]}
        onChange={(value) => router.put("/crew", { replace_years: Number(value) }, { preserveScroll: true })}
      />
      <p className="text-ink-2">
        Sooner, by three in ten, where it stands outdoors or in the wet, or does not test itself. How long they last is
        disputed: the rule is yours.
      </p>
    </section>
  );
}

/** A token for the bridge of a meter, named after it and shown once: what it sends waits under Measure until it is filed. */
function MeterToken() {
  const [name, setName] = useState("");
  const [token, setToken] = useState<string | null>(null);
  return (
    <section aria-label="A meter that sends" className="flex max-w-xl flex-col gap-2 border-t-2 border-ink pt-4">
      <h2 className="text-xl">A meter that sends</h2>
      <p className="text-ink-2">
        The bridge of a meter sends its readings with a token; they wait under Measure until somebody files them where
        the meter was held. Tokens are listed, and ended, in your account.
      </p>
      {token === null ? (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void post<{ token: string }>("/meter/token", { name }).then((reply) => {
              if (reply.kind === "done") setToken(reply.body.token);
            });
          }}
        >
          <Field
            label="Which meter"
            name="meter"
            required
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Button type="submit" disabled={name.trim() === ""}>
            Make a token
          </Button>
        </form>
      ) : (
        <p>
          <span className="code block border-[1.5px] border-ink bg-raised px-2 py-1.5 break-all">{token}</span>
          <span className="text-sm text-ink-2">Shown once. Put it in the bridge now.</span>
        </p>
      )}
    </section>
  );
}
