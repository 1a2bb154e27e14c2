/**
 * The engine: the same PHP as on the server, in a worker. The page hands it questions by messages and gets answers; it neither stores nor
 * sends.
 */

/** What the engine is made of; which of its flavours a browser runs shows when it runs. */
export interface Manifest {
  worker: string;
  core: string;
  /** In bytes: as they are sent, and as they are read. */
  files: { file: string; flavour: "jspi" | "asyncify" | null; bytes: number; unpacked: number }[];
}

/** What the engine says to a question: the answer, why it is refused, or that it gave way to something told meanwhile. */
export type Said<T> = { ok: T } | { refused: { message: string } & Record<string, unknown> } | { gaveWay: true };

export const BASE = "/engine/";

export class Engine {
  private readonly waiting = new Map<number, { done: (said: string) => void; failed: (fault: Error) => void }>();
  private n = 0;
  private readonly ends = new Set<() => void>();

  private constructor(private readonly worker: Worker) {
    worker.onmessage = (event: MessageEvent<{ n?: number; said?: string; ended?: string }>) => {
      const { n, said, ended } = event.data;
      if (n !== undefined && said !== undefined) {
        this.waiting.get(n)?.done(said);
        this.waiting.delete(n);
      } else if (ended !== undefined) {
        // PHP is started anew, and knows nothing: whoever asked asks somebody else, and opens its houses again.
        for (const one of this.waiting.values()) one.failed(new Error(ended));
        this.waiting.clear();
        for (const hear of this.ends) hear();
      }
    };
  }

  static async start(): Promise<Engine> {
    const response = await fetch(`${BASE}engine.json`);
    if (!response.ok) throw new Error(`no engine: ${response.status}`);
    const manifest = (await response.json()) as Manifest;
    const worker = new Worker(BASE + manifest.worker, { type: "module" });
    await new Promise<void>((ready, failed) => {
      worker.onmessage = (event: MessageEvent<{ ready?: boolean; failed?: string; ended?: string }>) =>
        event.data.ready ? ready() : failed(new Error(event.data.failed ?? event.data.ended));
      worker.onerror = (event) => failed(new Error(event.message));
      worker.postMessage({ core: BASE + manifest.core });
    });
    return new Engine(worker);
  }

  /** Answers are given in the order of the questions; what says that it `givesWay` is left for what is told after it. */
  async ask<T>(question: Record<string, unknown>): Promise<Said<T>> {
    const n = ++this.n;
    const said = await new Promise<string>((done, failed) => {
      this.waiting.set(n, { done, failed });
      this.worker.postMessage({ n, asked: JSON.stringify(question), told: question.do === "tell" });
    });
    const answer = JSON.parse(said) as Said<T> | { failed: string };
    if ("failed" in answer) throw new Error(answer.failed);
    return answer;
  }

  onEnd(hear: () => void): () => void {
    this.ends.add(hear);
    return () => void this.ends.delete(hear);
  }
}

let started: Promise<Engine | null> | null = null;

/** The engine of this page, started when it is first asked for; null where it does not run here. */
export function engine(): Promise<Engine | null> {
  started ??= Engine.start().catch((fault: unknown) => {
    console.warn("The engine does not run here:", fault);
    // Not for good: it may have been the signal.
    started = null;
    return null;
  });
  return started;
}
