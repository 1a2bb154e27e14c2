import { useRef, useState } from "react";
import type { Entered } from "@/types/entry";
import type { Room } from "@/types/pages";

export type EntryLine = ReturnType<typeof useEntryLine>;

/** The line of quick entry, and where the next one goes on: the room and outlet of the last one, else of the selection. */
export function useEntryLine(rooms: Room[], selected: string | null) {
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState("");
  const [last, setLast] = useState<Entered | null>(null);
  /** The same at once: the next line may be entered before this one is drawn. */
  const now = useRef<Entered | null>(null);
  const home = rooms.find((room) => room.outlets.some((outlet) => outlet.id === selected));
  const area = rooms.find((room) => room.id === last?.area) ?? home ?? null;
  return {
    field,
    line,
    setLine,
    area: area && { id: area.id, code: area.code },
    last: last?.in === "points" ? last.id : selected,
    entered: (next: Entered) => {
      now.current = next;
      setLast(next);
    },
    /** Where a line that is entered just now goes on. */
    context: () => ({
      area: now.current?.area ?? home?.id ?? null,
      last: now.current?.in === "points" ? now.current.id : selected,
    }),
    // The line may be put there by the same tap.
    focus: () => {
      requestAnimationFrame(() => field.current?.focus());
    },
  };
}
