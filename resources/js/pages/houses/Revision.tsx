import { router } from "@inertiajs/react";
import { useState } from "react";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import { VerdictKey } from "@/features/rooms/VerdictKey";
import { Paper } from "@/features/shell/Paper";
import { post } from "@/lib/api";
import type { JudgedPage } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  number: number;
  current: number;
  sheet: JudgedPage;
}

/** The house as it was after one change, to look at, and to go back to. */
export default function Revision({ number, current, sheet }: Props) {
  const [selected, select] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const url = `/houses/${sheet.house.id}`;
  const restore = async () => {
    const reply = await post(`${url}/history/${number}/restore`, { revision: current });
    if (reply.kind === "done") router.visit(url);
    else
      setRefused(
        reply.kind === "refused"
          ? reply.message
          : "Not restored: the house was changed, or the server cannot be reached. Reload and try again.",
      );
  };
  return (
    <Paper
      title={number === 0 ? "As it was taken in" : `As it was after change ${number}`}
      back={{ href: `${url}/history`, name: "Every change" }}
      tools={
        number < current && (
          <Button tone="main" onClick={() => void restore()}>
            Go back to this
          </Button>
        )
      }
    >
      {refused && (
        <p role="alert" className="border-l-[6px] border-bare bg-bare-ground px-3 py-2 font-semibold">
          {refused}
        </p>
      )}
      <div className="py-2">
        <p className="text-ink-2">
          {sheet.house.editionName}, {sheet.house.workName.toLowerCase()}
        </p>
        <VerdictKey
          outlets={sheet.rooms.flatMap((room) => room.outlets)}
          protection="gfci"
          selected={selected}
          onSelect={select}
        />
      </div>
      <RoomsDrawing
        rooms={sheet.rooms}
        unit={sheet.house.unit}
        protection="gfci"
        selected={selected}
        onSelect={select}
      />
    </Paper>
  );
}
