import { onTestFinished, vi } from "vitest";
import type { HouseInHand } from "@/features/house/useHouse";
import { get } from "@/lib/api";
import type { HouseHead, JudgedPage } from "@/types/pages";

export interface Sent {
  method: string;
  path: string;
  body: Record<string, unknown>;
  headers: Record<string, string>;
}

interface Answered {
  status?: number;
  body?: unknown;
  headers?: Record<string, string>;
  /** Nobody answers. */
  lost?: boolean;
}

/** Stands in for the server until the test ends: what it is asked is noted, and answered by who asks for what. */
export function server(answer: (sent: Sent) => Answered | Promise<Answered>): Sent[] {
  const asked: Sent[] = [];
  const network = vi.spyOn(globalThis, "fetch");
  onTestFinished(() => network.mockRestore());
  network.mockImplementation(async (url, init) => {
    const sent = {
      method: init?.method ?? "GET",
      path: String(url),
      body: typeof init?.body === "string" ? (JSON.parse(init.body) as Record<string, unknown>) : {},
      headers: init?.headers as Record<string, string>,
    };
    asked.push(sent);
    const said = await answer(sent);
    if (said.lost) throw new TypeError("no network");
    return new Response(JSON.stringify(said.body ?? {}), { status: said.status ?? 200, headers: said.headers ?? {} });
  });
  return asked;
}

export function head(more: Partial<HouseHead> = {}): HouseHead {
  return {
    id: "h1",
    name: "Heron Lane 3",
    edition: "nec-2023",
    editionName: "NEC 2023",
    coreRulesOnly: false,
    unit: "ft",
    amendments: 0,
    jurisdiction: null,
    work: "new",
    workName: "new work",
    permitDate: null,
    call: null,
    revision: 1,
    lastChange: null,
    undo: null,
    redo: null,
    ...more,
  };
}

/** A house with nothing in it, as a page has it. */
export function page(revision: number, more: Partial<HouseHead> = {}): JudgedPage {
  return {
    house: head({ revision, ...more }),
    concerns: [],
    worst: [],
    freeSlots: [],
    rooms: [],
    items: [],
    granted: 0,
    live: [],
    mains: [],
    proving: null,
    alarms: [],
  };
}

/** A house in hand that notes what it is asked to send, and answers as it is told. */
export function inHand(sheet: JudgedPage, answers: Awaited<ReturnType<HouseInHand["send"]>>[] = []) {
  const sent: Parameters<HouseInHand["send"]>[0][] = [];
  const nothing = () => undefined;
  const house: HouseInHand = {
    sheet,
    version: `${sheet.house.revision}.0`,
    told: [],
    here: false,
    refused: null,
    heardAt: null,
    change: nothing,
    enter: async () => null,
    record: nothing,
    arrange: nothing,
    addItem: nothing,
    closeItem: nothing,
    turn: nothing,
    undo: nothing,
    redo: nothing,
    again: nothing,
    drop: nothing,
    say: nothing,
    dismiss: nothing,
    photograph: async () => undefined,
    ask: async (path) => {
      const reply = await get<never>(`/houses/${sheet.house.id}/${path}`);
      return reply.kind === "done" ? reply.body : null;
    },
    heard: vi.fn(),
    send: async (request) => {
      sent.push(request);
      const answer = answers.shift() ?? null;
      return answer && { ...answer, version: `${answer.house.revision}.0` };
    },
    refresh: vi.fn(async () => undefined),
  };
  return { house, sent };
}
