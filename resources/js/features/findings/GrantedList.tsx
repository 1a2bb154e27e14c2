import type { JudgedPage, Outlet } from "@/types/pages";
import { OutletCode } from "./OutletCode";

/** What verdicts rest on and nobody has recorded, with the outlets it is recorded at. */
export function GrantedList({ sheet, onSelect }: { sheet: JudgedPage; onSelect: (id: string) => void }) {
  const lines = new Map<string, Outlet[]>();
  for (const outlet of sheet.rooms.flatMap((room) => room.outlets)) {
    for (const fact of outlet.granted) lines.set(fact.text, [...(lines.get(fact.text) ?? []), outlet]);
  }
  if (lines.size === 0) return null;
  return (
    <section aria-label="Taken for granted" className="border-t-2 border-ink pt-2 pb-4">
      <h2 className="mb-2 text-lg">
        Taken for granted <span className="text-ink-2">{sheet.granted}</span>
      </h2>
      <ul>
        {[...lines].map(([text, outlets]) => (
          <li key={text} className="grid items-start gap-x-3 border-t border-hair py-1 lg:grid-cols-[1fr_24rem]">
            <span className="py-1.5 text-sm">{text}</span>
            <span className="flex flex-wrap">
              {outlets.map((outlet) => (
                <OutletCode key={outlet.id} outlet={outlet} onSelect={onSelect} />
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
