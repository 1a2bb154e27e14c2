import { post } from "@/lib/api";

/** What somebody does on a practice visit, as the core says it. */
export type Deed = Record<string, unknown>;

/** A case that is under way on this phone. */
export interface UnderWay {
  name: string;
  deeds: Deed[];
  /** Whether the application's own advice was looked at. */
  withAdvice: boolean;
  /** When it was last worked on, in milliseconds. */
  at: number;
}

/** What has ended and is to be kept by the server. */
export interface Ended {
  kind: "visits" | "drills";
  body: { id: string } & Record<string, unknown>;
}

/**
 * Practice on this phone, of one person: cases under way, and what has ended and was not sent yet. It is written with each tap, so that
 * neither a closed page nor a lost signal loses anything.
 */
export class Kept {
  constructor(
    private readonly user: string,
    private readonly store: Storage = localStorage,
  ) {}

  underWay(): UnderWay[] {
    return this.read<UnderWay[]>("under-way", []).sort((one, other) => other.at - one.at);
  }

  visit(name: string): UnderWay {
    return this.underWay().find((one) => one.name === name) ?? { name, deeds: [], withAdvice: false, at: 0 };
  }

  work(visit: UnderWay): void {
    const others = this.underWay().filter((one) => one.name !== visit.name);
    this.write("under-way", [{ ...visit, at: Date.now() }, ...others]);
  }

  drop(name: string): void {
    this.write(
      "under-way",
      this.underWay().filter((one) => one.name !== name),
    );
  }

  waiting(): Ended[] {
    return this.read<Ended[]>("ended", []);
  }

  ends(one: Ended): void {
    this.write("ended", [...this.waiting(), one]);
  }

  /** Sends what waits, in its order; what the server refuses for good is let go. True where nothing waits any more. */
  async send(): Promise<boolean> {
    for (const one of this.waiting()) {
      const reply = await post(`/practice/${one.kind}`, one.body);
      if (reply.kind === "unreached" || reply.kind === "signed-out") return false;
      this.write(
        "ended",
        this.waiting().filter((other) => other.body.id !== one.body.id),
      );
    }
    return true;
  }

  private read<T>(what: string, none: T): T {
    const said = this.store.getItem(`practice ${this.user} ${what}`);
    return said === null ? none : (JSON.parse(said) as T);
  }

  private write(what: string, value: unknown): void {
    this.store.setItem(`practice ${this.user} ${what}`, JSON.stringify(value));
  }
}
