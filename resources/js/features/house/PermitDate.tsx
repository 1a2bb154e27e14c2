import { useState } from "react";

interface Props {
  date: string | null;
  onChange: (date: string | null) => void;
}

/** The day of the permit, which decides what is deferred. Empty: no permit. */
export function PermitDate({ date, onChange }: Props) {
  const [typed, setTyped] = useState(date ?? "");
  const done = () => {
    const said = typed === "" ? null : typed;
    if (said !== date) onChange(said);
  };
  return (
    <label className="flex items-center gap-2">
      <span className="narrow text-ink-2">Permit of</span>
      <input
        type="date"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => {
          if (event.key === "Enter") done();
        }}
        className="min-h-9 border-[1.5px] border-edge bg-raised px-2.5 font-semibold max-lg:min-h-12"
      />
    </label>
  );
}
