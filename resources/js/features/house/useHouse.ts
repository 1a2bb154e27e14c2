import { useCallback, useEffect, useRef, useState } from "react";
import { idle, newId } from "@/data/ahead";
import * as journal from "@/data/journal";
import type { Pocket } from "@/data/pocket";
import { onReach, reach, serverNow } from "@/data/reach";
import type { Told } from "@/data/store";
import { get, post } from "@/lib/api";
import type { Entered } from "@/types/entry";
import type { JudgedPage } from "@/types/pages";
import { nameOf } from "./named";
import type { Answer, Arrange, EntryLine, NewItem, NewReading, Patch, Request } from "./requests";
import { isWhole, useSheet } from "./useSheet";

export interface HouseInHand {
  sheet: JudgedPage;
  /** Another whenever the house is another than it was, be it sent or not. */
  version: string;
  /** What was told here and the server does not have: what waits, and what it refused. */
  told: Told[];
  /** The engine has this house: what is told is answered here, signal or not. */
  here: boolean;
  /** What was refused here at once, and is not kept. */
  refused: string | null;
  /** Since when nothing was heard of what others do; null while something is. */
  heardAt: string | null;
  change: (changes: Patch[]) => void;
  /** Carries out a line; answers what was entered, null when it was not taken. */
  enter: (entry: EntryLine) => Promise<Entered | null>;
  /** Files a tester reading with the records of the house. */
  record: (reading: NewReading) => void;
  arrange: (change: Arrange) => void;
  addItem: (item: NewItem) => void;
  closeItem: (id: string, evidence: string) => void;
  /** Notes a breaker that was turned. */
  turn: (circuit: string, on: boolean) => void;
  undo: () => void;
  redo: () => void;
  /** Says what could not be done, and why. */
  say: (message: string) => void;
  dismiss: () => void;
  /** Sends any change; answers what came of it, null when it was not taken. What waits for the server counts as taken. */
  send: (request: Request) => Promise<Answer | null>;
  /** What it shows may be noted with it. */
  photograph: (point: string, file: File, text?: string) => Promise<void>;
  /** Tells once more what was refused, on top of what the house is now; or takes it out. */
  again: (told: Told) => void;
  drop: (told: Told) => void;
  /** Asks for something of the house by its address below it: of this phone where it can, else of the server. */
  ask: <T>(path: string, body?: Record<string, unknown>, takesLong?: boolean) => Promise<T | null>;
  /** Takes over what others did in the meantime. */
  refresh: () => Promise<void>;
  /** The server says at which revision the house is: whether this phone knows all that others did. */
  heard: (revision: number) => void;
}

/** Only the server, or somebody else's phone, can do these. */
const SERVER_ONLY = /^call\/(questions|trial|pages\/)/;

/** So long an answer is waited for before what waits is said to wait. */
const PATIENCE_MS = 4000;

/** Silence is looked for so often. */
const WATCH_MS = 5000;

/** The copy on this phone is made new a little after the last answer came. */
const RENEW_MS = 1500;

/**
 * The house on screen. What is told of it is kept on this phone before anything else; then carried out here, where the engine runs, and
 * sent. What the server answers stands, as soon as nothing waits any more.
 */
export function useHouse(initial: JudgedPage, user = ""): HouseInHand {
  const house = initial.house.id;
  const url = `/houses/${house}`;
  const { screen, ...shown } = useSheet(initial);
  const [told, setTold] = useState<Told[]>([]);
  const [here, setHere] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  /** What was told and the server does not have: as it is, which may be a little ahead of what is listed on screen. */
  const open = useRef(told);
  const pocket = useRef<Pocket | null>(null);
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  const settled = useRef(new Map<string, (answer: Answer | null) => void>());
  const renewing = useRef(0);
  /** The line that was entered last, as long as it is under way. */
  const lastLine = useRef<string | null>(null);
  /** So much that was told is being kept and carried out. */
  const underWay = useRef(0);

  const waits = useCallback(() => open.current.some((one) => one.refusal === undefined), []);

  const whole = useCallback(
    async (givesWay = false) => (await pocket.current?.ask<JudgedPage>("sheet", {}, givesWay)) ?? null,
    [],
  );
  const showRest = useCallback(async () => {
    if (underWay.current === 0) await screen.showRest(() => whole(true));
  }, [screen, whole]);

  const refresh = useCallback(async () => {
    if (waits() && pocket.current) {
      const here = await whole();
      if (here) screen.showMade(here);
      return;
    }
    const fresh = await get<JudgedPage>(`${url}/sheet`);
    if (fresh.kind !== "done") return;
    screen.heard();
    if (fresh.body.house.revision >= screen.latest().revision && !(waits() && pocket.current))
      screen.showWhole(fresh.body);
  }, [url, screen, whole, waits]);

  /** Whole or in part, what an answer says of the house is shown. */
  const take = useCallback(
    (answer: Answer) => {
      if (isWhole(answer)) screen.showWhole(answer);
      else {
        screen.showHead(answer.house);
        void refresh();
      }
    },
    [screen, refresh],
  );

  const renewSoon = useCallback(() => {
    window.clearTimeout(renewing.current);
    renewing.current = window.setTimeout(() => {
      if (!waits()) void pocket.current?.renew().then(screen.listen);
    }, RENEW_MS);
  }, [screen, waits]);

  const listed = useCallback((change: (before: Told[]) => Told[]) => {
    open.current = change(open.current);
    setTold(open.current);
  }, []);

  useEffect(
    () =>
      journal.onNews((news) => {
        if (news.kind === "kept") {
          if (news.told.house !== house || open.current.some((one) => one.id === news.told.id)) return;
          open.current = [...open.current, news.told];
          // What is being carried out here is listed when it is shown, which is at once.
          if (settled.current.has(news.told.id) && pocket.current) return;
          setTold(open.current);
          if (settled.current.has(news.told.id)) return;
          // Told in another tab.
          void pocket.current?.carryOut(news.told).then((said) => {
            if (said && "ok" in said && said.ok.page) screen.showMade(said.ok.page);
            return showRest();
          });
          return;
        }
        if (news.house !== house) return;
        if (news.kind === "refused")
          listed((before) => before.map((one) => (one.id === news.id ? { ...one, refusal: news.refusal } : one)));
        else listed((before) => before.filter((one) => one.id !== news.id));
        const settle = settled.current.get(news.id);
        settled.current.delete(news.id);
        if (news.kind === "arrived") {
          void pocket.current?.arrived(news.id, news.revision);
          const answer = news.said as Answer | null;
          // Older than what is on screen while something told since is not in it.
          if (!waits() || pocket.current === null) answer?.house && !answer.kept ? take(answer) : void refresh();
          if (answer?.kept) setRefused(answer.message ?? "It is kept.");
          renewSoon();
          settle?.(answer?.house && !answer.kept ? answer : null);
        } else {
          settle?.(null);
          void (pocket.current?.drop(news.id) ?? Promise.resolve()).then(refresh);
        }
      }),
    [house, screen, listed, showRest, take, refresh, renewSoon, waits],
  );

  useEffect(() => {
    let gone = false;
    // Silence is noticed by itself, and what it makes of the proofs is shown.
    let silent = false;
    const watch = window.setInterval(() => {
      const since = screen.listen();
      if ((since !== null) !== silent) void whole().then((made) => made && !gone && screen.showMade(made));
      silent = since !== null;
    }, WATCH_MS);
    void journal.ofHouse(house, user).then((waiting) => {
      if (gone) return;
      listed((before) => [...waiting.filter((one) => !before.some((known) => known.id === one.id)), ...before]);
      if (waiting.length > 0) void phone().then((data) => data.sendFor(user));
    });
    void idle()
      .then((starts) => (starts && !gone ? phone().then((data) => data.Pocket.open(house, user)) : null))
      .then(async (opened) => {
        if (gone || opened === null) return;
        pocket.current = opened;
        setHere(true);
        if (reach().answers) void phone().then((data) => data.takePages(house));
        // Asked for in any case: PHP has read its code then, and the first tap need not wait for that.
        const made = await whole();
        if (made && !gone && (waits() || !reach().answers)) screen.showMade(made);
        screen.listen();
        renewSoon();
      });
    return () => {
      gone = true;
      pocket.current?.close();
      window.clearInterval(watch);
      window.clearTimeout(renewing.current);
    };
  }, [house, user, screen, whole, listed, waits, renewSoon]);

  /** Where this phone can keep nothing, its store being full or shut: to the server at once, or nowhere, and that is said. */
  const straight = useCallback(
    async ({ id, path, body }: Pick<Told, "id" | "path" | "body">): Promise<Answer | null> => {
      const reply = await post<Answer>(`${url}/${path}`, {
        ...body,
        revision: screen.latest().revision,
        command: { id },
      });
      if (reply.kind === "done") {
        take(reply.body);
        return reply.body;
      }
      const why = "message" in reply ? reply.message : "the server cannot be reached.";
      setRefused(`Not kept: this phone can store nothing, and ${why}`);
      return null;
    },
    [url, screen, take],
  );

  /** After what was told before it: each is carried out on top of the other. */
  const keep = useCallback(
    (
      what: Pick<Told, "id" | "path" | "body" | "name"> & Pick<Partial<Told>, "photo" | "after" | "knew">,
    ): Promise<Answer | null> => {
      underWay.current += 1;
      const done = turn.current.then(async () => {
        const { id } = what;
        const answer = new Promise<Answer | null>((settle) => settled.current.set(id, settle));
        const told = { house, user, at: serverNow(), knew: screen.latest().revision, ...what };
        if (pocket.current) journal.hold(id);
        // Carried out while it is being kept; said only when both are done.
        const carriedOut = pocket.current?.carryOut({ ...told, n: 0 });
        const kept = await journal.keep(told).catch((fault: unknown) => {
          console.warn(fault);
          return null;
        });
        if (kept === null) {
          settled.current.delete(id);
          await carriedOut;
          await pocket.current?.drop(id);
          return { local: await straight(what), answer };
        }
        setRefused(null);
        const here = (await carriedOut) ?? null;
        setTold(open.current);
        if (here && "ok" in here) {
          if (here.ok.page) screen.showMade(here.ok.page);
          await journal.carriedOut(id, { gave: here.ok.gave, changes: here.ok.changes });
        }
        journal.release(id);
        if (here && "ok" in here) {
          void phone().then((data) => data.sendFor(user));
          return { local: here.ok.page, answer };
        }
        if (here && "refused" in here && !reach().answers) {
          // The same rules on what this phone knows: nobody else is asked just now.
          await journal.refused(kept, { message: here.refused.message });
          return { answer };
        }
        void phone().then((data) => data.sendFor(user));
        return { answer };
      });
      turn.current = done
        .catch(() => undefined)
        .then(() => {
          underWay.current -= 1;
          void showRest();
        });
      return done.then(async ({ local, answer }) => {
        const found =
          local !== undefined ? local : await Promise.race([answer, waited().then(() => ({ house: screen.latest() }))]);
        return found && { ...found, version: screen.versionNow(found.house) };
      });
    },
    [house, user, screen, showRest, straight],
  );

  const send = useCallback(
    async (request: Request): Promise<Answer | null> => {
      const { path, ...body } = request;
      if (SERVER_ONLY.test(path)) {
        const reply = await post<Answer>(`${url}/${path}`, body);
        if (reply.kind === "done") {
          take(reply.body);
          renewSoon();
          return reply.body;
        }
        setRefused("message" in reply ? reply.message : "That needs the server, and it cannot be reached.");
        return null;
      }
      return keep({ id: newId(), path, body, name: nameOf(request) });
    },
    [url, keep, take, renewSoon],
  );

  return {
    sheet: shown.sheet,
    version: shown.version,
    told,
    here,
    refused,
    heardAt: shown.heardAt,
    change: useCallback((changes) => void send({ path: "changes", changes }), [send]),
    enter: useCallback(
      async (entry) => {
        // Where the line before it left is not known here while that one is under way.
        const after = lastLine.current === null ? {} : { after: lastLine.current };
        const id = newId();
        lastLine.current = id;
        const answer = await keep({ id, path: "entry", body: { ...entry }, name: entry.line, ...after });
        if (lastLine.current === id && answer?.entered) lastLine.current = null;
        return answer?.entered ?? null;
      },
      [keep],
    ),
    record: useCallback((reading) => void send({ path: "readings", ...reading }), [send]),
    arrange: useCallback((change) => void send(change), [send]),
    addItem: useCallback((item) => void send({ path: "items", ...item }), [send]),
    closeItem: useCallback(
      (id, evidence) => void send({ path: `items/${encodeURIComponent(id)}/close`, evidence }),
      [send],
    ),
    turn: useCallback((circuit, on) => void send({ path: "breakers", circuit, on }), [send]),
    undo: useCallback(() => void send({ path: "undo" }), [send]),
    redo: useCallback(() => void send({ path: "redo" }), [send]),
    say: setRefused,
    dismiss: useCallback(() => setRefused(null), []),
    send,
    photograph: useCallback(
      async (point, photo, text) =>
        void (await keep({
          id: newId(),
          path: `outlets/${encodeURIComponent(point)}/photos`,
          body: text === undefined ? {} : { text },
          name: "A photograph",
          photo,
        })),
      [keep],
    ),
    again: useCallback(
      (one) => {
        const { path, body, name, photo, refusal } = one;
        // What it goes on top of was shown with the question: the page itself may not know of it yet.
        const knew = Math.max(screen.latest().revision, ...(refusal?.clashes ?? []).map((clash) => clash.revision));
        void journal.drop(one).then(() => keep({ id: newId(), path, body, name, knew, ...(photo ? { photo } : {}) }));
      },
      [screen, keep],
    ),
    drop: useCallback((one) => void journal.drop(one), []),
    ask: useCallback(
      async <T>(path: string, body?: Record<string, unknown>, takesLong = false): Promise<T | null> => {
        const askHere = async () => (await pocket.current?.ask<T>(path, body, takesLong)) ?? null;
        // The server is asked first where it knows more than the copy on this phone, and of what would keep the next tap waiting here.
        const isBehind = pocket.current?.isBehind(screen.latest().revision) === true;
        const serverFirst = !waits() && (isBehind || (takesLong && reach().answers));
        const here = serverFirst ? null : await askHere();
        if (here !== null) return here;
        const reply = await (body ? post<T>(`${url}/${path}`, body) : get<T>(`${url}/${path}`));
        if (reply.kind === "done") return reply.body;
        return serverFirst ? askHere() : null;
      },
      [url, screen, waits],
    ),
    refresh,
    heard: useCallback(
      (revision) => {
        if (revision <= screen.latest().revision) screen.heard();
        else if (!waits()) {
          void refresh();
          renewSoon();
        } else void pocket.current?.renew().then(refresh);
        screen.listen();
      },
      [screen, refresh, renewSoon, waits],
    ),
  };
}

let loaded: Promise<typeof import("@/data/phone")> | null = null;

/** What sends and what computes: fetched once, and again until it comes. */
function phone(): Promise<typeof import("@/data/phone")> {
  loaded ??= import("@/data/phone").catch(async (fault: unknown) => {
    console.warn(fault);
    loaded = null;
    await new Promise((again) => setTimeout(again, 2000));
    return phone();
  });
  return loaded;
}

function waited(): Promise<void> {
  return new Promise((done) => {
    const wait = setTimeout(done, PATIENCE_MS);
    const stop = onReach(() => {
      if (reach().answers && !reach().signedOut) return;
      clearTimeout(wait);
      stop();
      done();
    });
    if (!reach().answers) done();
  });
}
