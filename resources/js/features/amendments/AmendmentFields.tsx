import { useEffect, useState } from "react";
import { post } from "@/lib/api";
import type { Amendment } from "@/types/house-file";
import type { AmendmentEffect, NamedRule } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";

const ANY = "any";

/** Milliseconds of rest after which what is being written is tried. */
const REST = 400;

/** What amendments that are being written would change at a house, each by itself. */
export function useEffects(house: string | null, edition: string, amendments: Amendment[]): AmendmentEffect[] {
  const [effects, setEffects] = useState<AmendmentEffect[]>([]);
  const said = JSON.stringify({ edition, amendments });
  useEffect(() => {
    if (house === null) return;
    let current = true;
    const later = setTimeout(() => {
      void post<AmendmentEffect[]>(`/houses/${house}/amendment-effects`, JSON.parse(said)).then((reply) => {
        if (current) setEffects(reply.kind === "done" ? reply.body : []);
      });
    }, REST);
    return () => {
      current = false;
      clearTimeout(later);
    };
  }, [house, said]);
  return effects;
}

interface AmendmentProps {
  number: number;
  amendment: Amendment;
  choices: Record<"edition" | "do" | "what" | "kinds" | "serves" | "points", Option[]>;
  rules: NamedRule[];
  /** What it changes at the house it is tried on; nothing while that is not known. */
  effect: AmendmentEffect | undefined;
  wrong: (field: string) => string | undefined;
  onChange: (change: Partial<Amendment>) => void;
  onRemove: () => void;
}

/** One amendment being written: what it does, where, by whose word, and what it would change. */
export function AmendmentFields({
  number,
  amendment,
  choices,
  rules,
  effect,
  wrong,
  onChange,
  onRemove,
}: AmendmentProps) {
  const named = rules.filter((rule) => rule.what === amendment.what);
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
        <LabelledChoose
          label="To"
          value={amendment.points?.[0] ?? ANY}
          options={[{ value: ANY, label: "receptacles" }, ...choices.points]}
          onChange={(value) =>
            onChange({ points: value === ANY ? [] : [value as NonNullable<Amendment["points"]>[number]] })
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
      <LabelledChoose
        label="The rule it is about, in every edition"
        value={amendment.rule ?? ANY}
        options={[
          { value: ANY, label: "by its clause" },
          ...named.map((rule) => ({
            value: rule.value,
            label: `${[...new Set(rule.clauses.filter((clause) => clause !== null))].join(", ")}: ${rule.label}`,
          })),
        ]}
        onChange={(value) => onChange(value === ANY ? { rule: "" } : { rule: value })}
      />
      <Field
        label="Where it is written"
        value={amendment.source ?? ""}
        onChange={(e) => onChange({ source: e.target.value })}
        error={wrong("source")}
      />
      {effect && <Effect effect={effect} />}
      <Button size="small" className="self-start" onClick={onRemove}>
        Take amendment {number} out
      </Button>
    </fieldset>
  );
}

/** Which outlets it changes, before it is kept. */
function Effect({ effect }: { effect: AmendmentEffect }) {
  if (!effect.matches) {
    return <p className="text-sm font-semibold text-bare">It matches no rule of this edition: it changes nothing.</p>;
  }
  return (
    <div className="text-sm">
      <p className="font-semibold">
        {effect.outlets.length === 0 ? "Changes no outlet there." : `Changes ${effect.outlets.length} there:`}
      </p>
      <ul>
        {effect.outlets.map((outlet) => (
          <li key={`${outlet.id} ${outlet.protection}`} className="border-t border-hair py-0.5">
            <span className="code">{outlet.code}</span> {outlet.protection}: {outlet.before.verdictName} becomes{" "}
            <b>{outlet.after.verdictName}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
