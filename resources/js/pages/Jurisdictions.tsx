import { router, useForm } from "@inertiajs/react";
import { useState } from "react";
import { May } from "@/features/account/May";
import { Paper } from "@/features/shell/Paper";
import type { Amendment } from "@/types/house-file";
import type { Jurisdiction } from "@/types/jurisdiction";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";

interface Props {
  jurisdictions: Jurisdiction[];
  choices: Record<"edition" | "do" | "what" | "kinds" | "serves", Option[]>;
}

const ANY = "any";

/** The places the crew works in. A house takes one; each verdict that an amendment touches says so. */
export default function Jurisdictions({ jurisdictions, choices }: Props) {
  const [open, setOpen] = useState<Jurisdiction | null>(null);
  const word = (list: Option[], value: string) => list.find((option) => option.value === value)?.label ?? value;
  return (
    <Paper title="Jurisdictions" back={{ href: "/houses", name: "Houses" }}>
      <May what="settle">
        <div className="grid gap-x-12 gap-y-8 pt-4 lg:grid-cols-[1fr_26rem]">
          <ul>
            {jurisdictions.length === 0 && (
              <li className="text-ink-2">None yet. Write down what the authority where you work has adopted.</li>
            )}
            {jurisdictions.map((place) => (
              <li key={place.id} className="border-t border-hair py-2.5">
                <div className="flex flex-wrap items-center gap-x-3">
                  <b className="text-lg [font-stretch:84%]">{place.name}</b>
                  <span className="text-ink-2">{word(choices.edition, place.edition)}</span>
                  <span className="ml-auto flex">
                    <Button
                      size="small"
                      tone="bare"
                      className="underline"
                      aria-label={`Change ${place.name}`}
                      onClick={() => setOpen(place)}
                    >
                      Change
                    </Button>
                    <Button
                      size="small"
                      tone="bare"
                      className="underline"
                      aria-label={`Remove ${place.name}`}
                      onClick={() => router.delete(`/jurisdictions/${place.id}`, { onSuccess: () => setOpen(null) })}
                    >
                      Remove
                    </Button>
                  </span>
                </div>
                <ul className="text-sm">
                  {place.amendments.map((amendment) => (
                    <li key={JSON.stringify(amendment)}>
                      {said(amendment, choices)}{" "}
                      <span className="text-ink-2">
                        {[amendment.author, amendment.date, amendment.source].join(", ")}
                      </span>
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
          <PlaceForm key={open?.id ?? "new"} place={open} choices={choices} onDone={() => setOpen(null)} />
        </div>
      </May>
    </Paper>
  );
}

/** An amendment being written; the key stays with it when others come and go. */
interface Draft {
  key: number;
  amendment: Amendment;
}

let lastKey = 0;

function draft(amendment: Amendment): Draft {
  lastKey += 1;
  return { key: lastKey, amendment };
}

function PlaceForm({
  place,
  choices,
  onDone,
}: {
  place: Jurisdiction | null;
  choices: Props["choices"];
  onDone: () => void;
}) {
  const form = useForm({
    name: place?.name ?? "",
    edition: place?.edition ?? "nec-2023",
    drafts: (place?.amendments ?? []).map(draft),
  });
  const errors: Partial<Record<string, string>> = form.errors;
  form.transform(({ drafts, ...rest }) => ({ ...rest, amendments: drafts.map((one) => one.amendment) }));
  const setDrafts = (drafts: Draft[]) => form.setData("drafts", drafts);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        const done = {
          onSuccess: () => {
            form.reset();
            onDone();
          },
        };
        if (place) form.put(`/jurisdictions/${place.id}`, done);
        else form.post("/jurisdictions", done);
      }}
    >
      <h2 className="text-xl">{place ? place.name : "One more place"}</h2>
      <Field
        label="Name of the place"
        required
        value={form.data.name}
        onChange={(e) => form.setData("name", e.target.value)}
        error={errors.name}
      />
      <LabelledChoose
        label="Edition adopted there"
        value={form.data.edition}
        options={choices.edition}
        onChange={(edition) => form.setData("edition", edition)}
      />
      {form.data.drafts.map((one, at) => (
        <AmendmentFields
          key={one.key}
          number={at + 1}
          amendment={one.amendment}
          choices={choices}
          wrong={(field) => errors[`amendments.${at}.${field}`]}
          onChange={(change) =>
            setDrafts(
              form.data.drafts.map((old) =>
                old.key === one.key ? { ...old, amendment: { ...old.amendment, ...change } } : old,
              ),
            )
          }
          onRemove={() => setDrafts(form.data.drafts.filter((old) => old.key !== one.key))}
        />
      ))}
      <Button onClick={() => setDrafts([...form.data.drafts, draft({ do: "add", what: "gfci" })])}>An amendment</Button>
      <Button tone="main" type="submit" disabled={form.processing}>
        {place ? "Keep it" : "Add this place"}
      </Button>
    </form>
  );
}

interface AmendmentProps {
  number: number;
  amendment: Amendment;
  choices: Props["choices"];
  wrong: (field: string) => string | undefined;
  onChange: (change: Partial<Amendment>) => void;
  onRemove: () => void;
}

function AmendmentFields({ number, amendment, choices, wrong, onChange, onRemove }: AmendmentProps) {
  return (
    <fieldset className="flex flex-col gap-2 border-l-4 border-ink pl-3">
      <legend className="font-bold">Amendment {number}</legend>
      <div className="grid grid-cols-2 gap-2">
        <LabelledChoose
          label="It"
          value={amendment.do}
          options={choices.do}
          onChange={(value) => onChange({ do: value as Amendment["do"] })}
        />
        <LabelledChoose
          label="Of"
          value={amendment.what}
          options={choices.what}
          onChange={(value) => onChange({ what: value as Amendment["what"] })}
        />
        <LabelledChoose
          label="In"
          value={amendment.kinds?.[0] ?? ANY}
          options={[{ value: ANY, label: "every room" }, ...choices.kinds]}
          onChange={(value) =>
            onChange({ kinds: value === ANY ? [] : [value as NonNullable<Amendment["kinds"]>[number]] })
          }
        />
        <LabelledChoose
          label="Serving"
          value={amendment.serves?.[0] ?? ANY}
          options={[{ value: ANY, label: "anything" }, ...choices.serves]}
          onChange={(value) =>
            onChange({ serves: value === ANY ? [] : [value as NonNullable<Amendment["serves"]>[number]] })
          }
        />
        <Field
          label="Clause"
          value={amendment.clause ?? ""}
          placeholder="210.8(A)(8)"
          onChange={(e) => onChange({ clause: e.target.value })}
          error={wrong("clause")}
        />
        {amendment.do === "distance" && (
          <Field
            label="Feet"
            type="number"
            step="any"
            value={String(amendment.ft ?? "")}
            onChange={(e) => onChange({ ft: Number(e.target.value) })}
            error={wrong("ft")}
          />
        )}
        <Field
          label="Who amended it"
          value={amendment.author ?? ""}
          onChange={(e) => onChange({ author: e.target.value })}
          error={wrong("author")}
        />
        <Field
          label="Since"
          type="date"
          value={amendment.date ?? ""}
          onChange={(e) => onChange({ date: e.target.value })}
          error={wrong("date")}
        />
      </div>
      <Field
        label="Where it is written"
        value={amendment.source ?? ""}
        onChange={(e) => onChange({ source: e.target.value })}
        error={wrong("source")}
      />
      <Button size="small" className="self-start" onClick={onRemove}>
        Take amendment {number} out
      </Button>
    </fieldset>
  );
}

function said(amendment: Amendment, choices: Props["choices"]): string {
  const word = (list: Option[], value: string) => list.find((option) => option.value === value)?.label ?? value;
  const where = [
    ...(amendment.kinds ?? []).map((kind) => word(choices.kinds, kind)),
    ...(amendment.serves ?? []).map((use) => word(choices.serves, use)),
  ];
  return `${word(choices.do, amendment.do)}: ${word(choices.what, amendment.what)}${amendment.clause ? `, ${amendment.clause}` : ""}${
    amendment.ft === undefined ? "" : `, ${amendment.ft} ft`
  }${where.length > 0 ? `, ${where.join(", ").toLowerCase()}` : ""}.`;
}
