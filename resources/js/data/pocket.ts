import type { Answer } from "@/features/house/requests";
import type { LivePage, Room } from "@/types/pages";
import { type Engine, engine, type Said } from "./engine";
import { heardAt, heardNow } from "./heard";
import { known, renewed, type Sent } from "./houses";
import * as journal from "./journal";
import { serverNow } from "./reach";
import type { Told } from "./store";

/** What came of something told on this phone. */
interface Outcome {
  gave: Record<string, string>;
  changes: unknown[] | null;
  page?: PageHere;
}

/** The house then: all of it, or where it is about a few rooms those alone, judged before the rest is. */
export type PageHere = Answer & LivePage & { rooms: Room[] };

/** One house in the engine of this page: as the server last sent it, with everything that was told since. */
export class Pocket {
  private readonly told = new Set<string>();

  /** What the house is known by here, of what the server has. */
  private revision = 0;

  /** Nobody looks at it any more: it is not opened again when the engine is started anew. */
  close: () => void = () => undefined;

  private constructor(
    private readonly engine: Engine,
    private readonly house: string,
    private readonly user: string,
  ) {}

  /** Null where there is no engine, or neither a copy nor the server. */
  static async open(house: string, user: string): Promise<Pocket | null> {
    const [runs, copy] = await Promise.all([engine(), known(house, user)]);
    if (runs === null || copy === null) return null;
    const pocket = new Pocket(runs, house, user);
    if (copy.fresh) heardNow(house);
    await pocket.load(copy.sent);
    pocket.close = runs.onEnd(() => void known(house, user).then((again) => again && pocket.load(again.sent)));
    return pocket;
  }

  private async load(sent: Sent): Promise<void> {
    await this.engine.ask({ do: "close", house: this.house });
    await this.takes(sent);
    this.told.clear();
    for (const one of await journal.ofHouse(this.house, this.user))
      if (one.refusal === undefined && one.photo === undefined) await this.carryOut(one, false);
  }

  /**
   * Carries something out here. What is refused is refused by the same rules as on the server, on what this phone knows.
   *
   * @returns null where this phone cannot do it
   */
  async carryOut(one: Told, page = true): Promise<Said<Outcome> | null> {
    if (one.photo !== undefined || this.told.has(one.id)) return null;
    this.told.add(one.id);
    try {
      const { id, at, path, body, after } = one;
      const said = await this.engine.ask<Outcome>({
        do: "tell",
        ...this.when(),
        house: this.house,
        id,
        at,
        path,
        body: after === undefined ? body : { ...body, after },
        page,
      });
      if ("refused" in said) this.told.delete(id);
      return said;
    } catch (fault) {
      console.warn(fault);
      this.told.delete(one.id);
      return null;
    }
  }

  /** What the page asks of the house, by its address below it. Null too where it gave way to something told meanwhile. */
  async ask<T>(path: string, body: Record<string, unknown> = {}, givesWay = false): Promise<T | null> {
    try {
      const said = await this.engine.ask<T>({ do: "ask", ...this.when(), house: this.house, path, body, givesWay });
      return "ok" in said ? said.ok : null;
    } catch (fault) {
      console.warn(fault);
      return null;
    }
  }

  async arrived(id: string, revision: number): Promise<void> {
    if (!this.told.has(id)) return;
    await this.engine.ask({ do: "arrived", house: this.house, id, revision });
    this.revision = Math.max(this.revision, revision);
  }

  async drop(id: string): Promise<void> {
    if (this.told.delete(id)) await this.engine.ask({ do: "drop", house: this.house, id });
  }

  /** Takes the house as it is on the server now. */
  async renew(): Promise<void> {
    const sent = await renewed(this.house, this.user);
    if (sent === null) return;
    await this.takes(sent);
    heardNow(this.house);
  }

  /** Whether it has not heard of what the server is known to have: a copy of some days ago, or one that something overtook. */
  isBehind(revision: number): boolean {
    return this.revision < revision;
  }

  private async takes(sent: Sent): Promise<void> {
    await this.engine.ask({ do: "open", house: this.house, known: sent });
    this.revision = typeof sent.revision === "number" ? sent.revision : 0;
  }

  private when(): { now: string; heard?: string } {
    const heard = heardAt(this.house);
    return { now: serverNow(), ...(heard === null ? {} : { heard }) };
  }
}
