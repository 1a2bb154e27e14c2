import type { Glossary } from "@/types/entry";
import { Sheet } from "@/ui/Sheet";

const EXAMPLES: [string, string][] = [
  ["K1 kit sink", "a room and its water; below, above, unfinished, a name in quotes"],
  ["K1 ct 20 gfci 2'6 sink", "an outlet in it, words in any order"],
  ["ct 20 4'9 sink", "the next one: the room goes without saying"],
  ["same 7' sink", "like the one before, but for what the line says; x3 adds three"],
  ["K1 garbage under sink", "where it is goes into its name: island, behind the fridge"],
  ["E2 5ft tub B2 door", "measured to water elsewhere, through a door or a wall"],
  ["K1-03 dual #7 high 3'8", "changes one that is there"],
  ["K1-03,04 gfci", "several at once"],
  ["K1-03", "goes to it, K1 to the room"],
  ["B2 same as B1", "a room like another, with its outlets"],
  ["+ kettle K1-02 1500w on", "what is plugged in; critical, cord, unplugged"],
  ['panel "Workshop" from #9', "a sub-panel; in W1 for where it hangs"],
  ["#5/7 20 gfci 2p", "one two-pole breaker on two circuits that share a neutral"],
  ["#7 20 gfci Kitchen left", "a breaker in its slot; 240v for two poles; on Workshop for another panel"],
];

const KEYS: [string, string][] = [
  ["/", "quick entry; Esc leaves it"],
  ["Ctrl K", "finds a room, outlet, breaker, finding, command"],
  ["↑", "the line before, in an empty field"],
  ["← →", "from outlet to outlet"],
  ["Shift ← →", "the outlet earlier or later on the walk"],
  ["Shift ↑ ↓", "its room earlier or later"],
  ["Ctrl Z", "undo; with Shift, redo"],
  ["?", "this page"],
];

/** The words of quick entry and the keys, on one screen. */
export function ShorthandHelp({ glossaries, onClose }: { glossaries: Glossary[]; onClose: () => void }) {
  return (
    <Sheet title="The words of quick entry" onClose={onClose} className="max-w-5xl">
      <div className="grid gap-x-7 gap-y-3 px-4 py-3 text-sm lg:grid-cols-[1.25fr_2fr]">
        <div>
          <dl className="flex flex-col gap-1.5">
            {EXAMPLES.map(([line, meaning]) => (
              <div key={line}>
                <dt className="code">{line}</dt>
                <dd className="text-ink-2">{meaning}</dd>
              </div>
            ))}
          </dl>
          <dl className="mt-4 grid grid-cols-[4rem_1fr] gap-y-1 border-t border-hair pt-3">
            {KEYS.map(([key, meaning]) => (
              <div key={key} className="contents">
                <dt className="code">{key}</dt>
                <dd className="text-ink-2">{meaning}</dd>
              </div>
            ))}
          </dl>
        </div>
        <div className="columns-2 gap-x-6 lg:columns-3">
          {glossaries.map((glossary) => (
            <section key={glossary.title} className="mb-2.5 break-inside-avoid-column">
              <h3 className="text-sm">{glossary.title}</h3>
              {glossary.words.map((line) => (
                <p key={line.label} className="leading-snug">
                  <span className="code text-xs">{line.words[0]}</span> <span className="text-ink-2">{line.label}</span>
                </p>
              ))}
            </section>
          ))}
        </div>
      </div>
    </Sheet>
  );
}
