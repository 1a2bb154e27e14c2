import type { Patch } from "@/features/house/requests";
import type { GrantedShown } from "@/types/pages";
import { Tap } from "@/ui/Taps";

interface Props {
  granted: GrantedShown[];
  onChange: (changes: Patch[]) => void;
}

/** What the verdicts rest on and nobody has recorded: one tap each. */
export function TakenForGranted({ granted, onChange }: Props) {
  if (granted.length === 0) return null;
  return (
    <section aria-label="Taken for granted" className="border-t-2 border-ink pt-3">
      <h3 className="mb-1 text-base">Taken for granted</h3>
      <ul>
        {granted.map((fact) => (
          <li key={`${fact.id} ${fact.text}`} className="border-t border-hair py-2 first:border-t-0">
            <p className="text-sm">{fact.text}</p>
            {fact.choices.length > 0 && (
              <div className="mt-1.5 flex flex-wrap gap-1.5">
                {fact.choices.map((choice) => (
                  <Tap
                    key={choice.label}
                    pressed={false}
                    label={`${fact.text} Record: ${choice.label}`}
                    onTap={() => onChange([{ in: fact.in, id: fact.id, set: { [fact.field]: choice.value } }])}
                  >
                    {choice.label}
                  </Tap>
                ))}
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
