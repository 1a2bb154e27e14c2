import { router, useForm } from "@inertiajs/react";
import { useState } from "react";
import { May } from "@/features/account/May";
import { AmendmentFields, useEffects } from "@/features/amendments/AmendmentFields";
import { Paper } from "@/features/shell/Paper";
import type { Amendment } from "@/types/house-file";
import type { Jurisdiction } from "@/types/jurisdiction";
import type { NamedRule } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";

interface Props {
  jurisdictions: Jurisdiction[];
  choices: Record<"edition" | "do" | "what" | "kinds" | "serves" | "points", Option[]>;
  rules: NamedRule[];
  houses: { id: string; name: string }[];
}

/** The places the crew works in. A house takes one; each verdict that an amendment touches says so. */
export default function Jurisdictions({ jurisdictions, choices, rules, houses }: Props) {
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
          <PlaceForm
            key={open?.id ?? "new"}
            place={open}
            choices={choices}
            rules={rules}
            houses={houses}
            onDone={() => setOpen(null)}
          />
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

interface FormProps extends Pick<Props, "choices" | "rules" | "houses"> {
  place: Jurisdiction | null;
  onDone: () => void;
}

function PlaceForm({ place, choices, rules, houses, onDone }: FormProps) {
  const form = useForm({
    name: place?.name ?? "",
    edition: place?.edition ?? "nec-2023",
    drafts: (place?.amendments ?? []).map(draft),
  });
  const errors: Partial<Record<string, string>> = form.errors;
  form.transform(({ drafts, ...rest }) => ({ ...rest, amendments: drafts.map((one) => one.amendment) }));
  const [house, setHouse] = useState(houses[0]?.id ?? null);
  const effects = useEffects(
    house,
    form.data.edition,
    form.data.drafts.map((one) => one.amendment),
  );
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
      {form.data.drafts.length > 0 && house !== null && (
        <LabelledChoose
          label="What it changes, tried on"
          value={house}
          options={houses.map((one) => ({ value: one.id, label: one.name }))}
          onChange={setHouse}
        />
      )}
      {form.data.drafts.map((one, at) => (
        <AmendmentFields
          key={one.key}
          number={at + 1}
          amendment={one.amendment}
          choices={choices}
          rules={rules}
          effect={effects[at]}
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

function said(amendment: Amendment, choices: Props["choices"]): string {
  const word = (list: Option[], value: string) => list.find((option) => option.value === value)?.label ?? value;
  const where = [
    ...(amendment.kinds ?? []).map((kind) => word(choices.kinds, kind)),
    ...(amendment.serves ?? []).map((use) => word(choices.serves, use)),
    ...(amendment.points ?? []).map((kind) => word(choices.points, kind)),
  ];
  const parts = [
    word(choices.what, amendment.what),
    amendment.clause || amendment.rule || null,
    amendment.ft === undefined ? null : `${amendment.ft} ft`,
    where.length > 0 ? where.join(", ").toLowerCase() : null,
  ];
  return `${word(choices.do, amendment.do)}: ${parts.filter((part) => part !== null).join(", ")}.`;
}
