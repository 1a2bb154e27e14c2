import { useState } from "react";
import type { Outlet } from "@/types/pages";
import { Segments } from "@/ui/Segments";

interface Props {
  age: NonNullable<Outlet["age"]>;
  onChange: (fields: { installed_on?: string | null; self_test?: boolean | null }) => void;
}

const DAY = /^\d{4}(-\d{2}(-\d{2})?)?$/;

/** How old a protective device is: a range, from its dates and from whether it tests itself. */
export function DeviceAge({ age, onChange }: Props) {
  const [text, setText] = useState(age.installedOn ?? "");
  const wrong = text.trim() !== "" && !DAY.test(text.trim());
  const done = () => {
    const said = text.trim() === "" ? null : text.trim();
    if (!wrong && said !== age.installedOn) onChange({ installed_on: said });
  };
  return (
    <div className="mt-3 grid grid-cols-[4.5rem_1fr] items-center gap-x-2 gap-y-2 border-t border-hair pt-3">
      <span className="narrow text-ink-2">Age</span>
      <p>
        <b>{age.years ?? "not known"}</b>
        {age.rests && <span className="text-sm text-ink-2"> {age.rests}</span>}
        {age.asks === "now" && <b className="block text-bare">To be replaced by its age</b>}
        {age.asks === "this_year" && <b className="block text-bare">To be replaced this year, by its age</b>}
      </p>
      <span className="narrow text-ink-2">Installed</span>
      <span>
        <input
          aria-label="Installed"
          aria-invalid={wrong}
          placeholder="2016-09"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={done}
          onKeyDown={(event) => {
            if (event.key === "Enter") done();
          }}
          className="min-h-9 w-full border-[1.5px] border-edge bg-raised px-2.5 font-semibold aria-invalid:border-bare max-lg:min-h-12"
        />
        {wrong && (
          <span className="block text-xs font-semibold text-bare">
            A year, a month or a day: 2016, 2016-09, 2016-09-14
          </span>
        )}
      </span>
      <span className="narrow text-ink-2">Tests itself</span>
      <Segments
        label="Tests itself"
        value={age.selfTest === null ? "unknown" : age.selfTest ? "yes" : "no"}
        options={[
          ["yes", "yes"],
          ["no", "no"],
          ["unknown", "not known"],
        ]}
        onChange={(value) => onChange({ self_test: value === "unknown" ? null : value === "yes" })}
      />
    </div>
  );
}
