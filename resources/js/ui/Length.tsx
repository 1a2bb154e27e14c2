import { useState } from "react";
import { parseLength, spokenLength, type Unit, writtenLength } from "@/lib/length";

interface LengthProps {
  label: string;
  ft: number | null;
  unit: Unit;
  /** Feet, as a length that is usual there. */
  example?: number;
  onChange: (ft: number) => void;
}

/** A length as it is spoken. What cannot be read stays as typed, and is said. */
export function Length({ label, ft, unit, example = 2.5, onChange }: LengthProps) {
  const [text, setText] = useState(ft === null ? "" : writtenLength(ft, unit));
  const read = parseLength(text, unit);
  const wrong = text.trim() !== "" && read === null;
  const done = () => {
    if (read !== null && (ft === null || text !== writtenLength(ft, unit)) && read !== ft) onChange(read);
  };
  return (
    <span>
      <input
        aria-label={label}
        aria-invalid={wrong}
        value={text}
        placeholder={writtenLength(example, unit)}
        title={read === null ? `Feet and inches, inches or metres: 2'6, 30 in, 1.2 m` : spokenLength(read, unit)}
        onChange={(event) => setText(event.target.value)}
        onBlur={done}
        onKeyDown={(event) => {
          if (event.key === "Enter") done();
        }}
        className="min-h-9 w-full border-[1.5px] border-edge bg-raised px-2.5 text-base font-bold aria-invalid:border-bare max-lg:min-h-12"
      />
      {wrong && (
        <span className="block text-xs font-semibold text-bare">
          {unit === "m" ? "Write 0.75 or 75 cm" : "Write 2'6 or 30 in"}
        </span>
      )}
    </span>
  );
}
