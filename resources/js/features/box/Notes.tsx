import { useState } from "react";
import { clock } from "@/lib/clock";
import type { Recorded } from "@/types/pages";
import { Button } from "@/ui/Button";

/** What was seen here and fits no field: colours that mean nothing, a broken terminal, a tape that was missing. */
export function Notes({ notes, onNote }: { notes: Recorded[]; onNote: (text: string) => void }) {
  const [text, setText] = useState("");
  return (
    <section aria-label="Notes" className="border-t-2 border-ink pt-3">
      <h3 className="text-base">Notes</h3>
      {notes.map((note) => (
        <p key={note.id} className="border-t border-hair py-1 first-of-type:border-t-0">
          {note.text}{" "}
          <span className="text-xs text-ink-2">
            {note.who} {clock(note.at)}
          </span>
        </p>
      ))}
      <form
        className="mt-1 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() === "") return;
          onNote(text.trim());
          setText("");
        }}
      >
        <input
          aria-label="A note about this box"
          value={text}
          maxLength={1000}
          onChange={(event) => setText(event.target.value)}
          className="min-h-11 min-w-0 flex-1 border-[1.5px] border-edge bg-raised px-2 max-lg:min-h-12"
        />
        <Button type="submit" disabled={text.trim() === ""}>
          Note it
        </Button>
      </form>
    </section>
  );
}
