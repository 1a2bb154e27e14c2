import { router } from "@inertiajs/react";
import { Command } from "cmdk";
import { useState } from "react";
import { Breakers } from "@/features/live/Breakers";
import { jobsOf } from "@/features/shell/jobs";
import type { Workspace } from "@/features/workspace/useWorkspace";
import { useTheme } from "@/lib/theme";
import { useMay } from "@/lib/useMay";

interface Props {
  work: Workspace;
  onLine: () => void;
  onHelp: () => void;
  onClose: () => void;
}

/** Finds a room, an outlet, a breaker, something found, or a command, by its code or any word of it. */
export function Palette({ work, onLine, onHelp, onClose }: Props) {
  const { house } = work;
  const { sheet } = house;
  const { other, turn } = useTheme();
  const may = useMay();
  const [breakers, showBreakers] = useState(false);
  const home = `/houses/${sheet.house.id}`;
  const page = (path: string) => router.visit(`${home}/${path}`);
  const pick = (what: () => void) => () => {
    onClose();
    what();
  };
  if (breakers) return <Breakers house={house} onClose={onClose} />;
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label="Find in this house"
      loop
      filter={matching}
      overlayClassName="fixed inset-0 z-40 bg-ink/50"
      contentClassName="fixed inset-x-0 top-0 z-50 mx-auto max-h-dvh max-w-2xl overflow-hidden border-2 border-ink bg-raised lg:top-16"
    >
      <Command.Input
        autoFocus
        placeholder="K1-04, laundry, breaker 7, print"
        className="code min-h-14 w-full border-b-2 border-ink bg-raised px-4 text-base outline-offset-[-3px]"
      />
      <Command.List className="max-h-[60dvh] overflow-y-auto pb-2">
        <Command.Empty className="px-4 py-4 text-ink-2">Nothing here goes by that.</Command.Empty>
        <Command.Group heading="Jobs">
          {jobsOf(sheet).map((line) => (
            <Item key={line.job} value={`job ${line.name}`} onPick={pick(() => work.goTo(line.job))}>
              <b className="w-20 narrow">{line.name}</b> <span className="text-ink-2">{line.open}</span>
            </Item>
          ))}
        </Command.Group>
        <Command.Group heading="Outlets">
          {work.outlets.map((outlet) => (
            <Item
              key={outlet.id}
              value={`${outlet.code} ${outlet.name} ${outlet.servesName} ${outlet.id}`}
              keywords={outlet.formerCodes}
              onPick={pick(() => work.select(outlet.id))}
            >
              <span className="code w-20 text-sm">{outlet.code}</span> {outlet.name}
            </Item>
          ))}
        </Command.Group>
        <Command.Group heading="Rooms">
          {sheet.rooms.map((room) => (
            <Item
              key={room.id}
              value={`${room.code} ${room.name} ${room.kind} ${room.id}`}
              keywords={room.formerCodes}
              onPick={pick(() => work.showRoom(room.id))}
            >
              <span className="code w-20 text-sm">{room.code}</span> {room.name}
            </Item>
          ))}
        </Command.Group>
        <Command.Group heading="Breakers">
          {sheet.live.map((breaker) => (
            <Item
              key={breaker.id}
              value={`breaker ${breaker.slot} ${breaker.label} ${breaker.id}`}
              keywords={[`#${breaker.slot}`]}
              onPick={() => showBreakers(true)}
            >
              <b className="w-20 narrow">{breaker.slot}</b> {breaker.label}
              <span className="text-ink-2">{breaker.off ? "off" : `${breaker.amps} A, live`}</span>
            </Item>
          ))}
        </Command.Group>
        <Command.Group heading="Found">
          {sheet.concerns.map((concern) => (
            <Item
              key={concern.id}
              value={`found ${concern.what} ${concern.clause ?? ""} ${concern.id}`}
              onPick={pick(() => work.openConcern(concern))}
            >
              <span className="line-clamp-2">{concern.what}</span>
            </Item>
          ))}
        </Command.Group>
        <Command.Group heading="Commands">
          <Item value="breakers panel off on live dead" onPick={() => showBreakers(true)}>
            Breakers: what is off, what is live
          </Item>
          <Item value="print survey on paper summary" onPick={pick(() => page("survey"))}>
            Survey on paper: print it
          </Item>
          {may.change && (
            <Item value="type a line quick entry" onPick={pick(onLine)}>
              Type a line
            </Item>
          )}
          {may.change && sheet.house.undo !== null && (
            <Item value="undo" onPick={pick(house.undo)}>
              Undo: {sheet.house.undo}
            </Item>
          )}
          {may.change && sheet.house.redo !== null && (
            <Item value="redo" onPick={pick(house.redo)}>
              Redo: {sheet.house.redo}
            </Item>
          )}
          <Item value="theme dark light" onPick={pick(turn)}>
            {other === "dark" ? "Dark, for crawl spaces" : "Light, for daylight"}
          </Item>
          <Item value="keys words help ?" onPick={pick(onHelp)}>
            The words and the keys
          </Item>
          <Item value="compare two editions" onPick={pick(() => page("compare"))}>
            Compare two editions
          </Item>
          <Item value="history every change" onPick={pick(() => page("history"))}>
            Every change
          </Item>
          <Item value="code book rules clauses" onPick={pick(() => page("rules"))}>
            The code book
          </Item>
          <Item value="outlets table csv spreadsheet" onPick={pick(() => page("outlets"))}>
            Outlets as a table
          </Item>
          <Item
            value="save house file export download"
            onPick={pick(() => {
              location.href = `${home}/file`;
            })}
          >
            Save as house file
          </Item>
          <Item value="all houses" onPick={pick(() => router.visit("/houses"))}>
            All houses
          </Item>
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}

/** Every word that was typed has to be in it; what begins with it comes first, as a code does. */
export function matching(value: string, typed: string, keywords: string[] = []): number {
  const text = [value, ...keywords].join(" ").toLowerCase();
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (!words.every((word) => text.includes(word))) return 0;
  return [value, ...keywords].some((one) => one.toLowerCase().startsWith(typed.trim().toLowerCase())) ? 1 : 0.5;
}

interface ItemProps {
  value: string;
  keywords?: string[];
  onPick: () => void;
  children: React.ReactNode;
}

function Item({ value, keywords, onPick, children }: ItemProps) {
  return (
    <Command.Item
      value={value}
      {...(keywords ? { keywords } : {})}
      onSelect={onPick}
      className="flex min-h-11 cursor-pointer items-center gap-2 px-4 py-1 data-[selected=true]:bg-band max-lg:min-h-12"
    >
      {children}
    </Command.Item>
  );
}
