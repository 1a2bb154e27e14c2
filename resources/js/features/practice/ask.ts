import { engine } from "@/data/engine";
import { post } from "@/lib/api";

export type Answered<T> = { answer: T } | { refused: string } | null;

/**
 * What is asked of practice: of the server, and where there is no signal of the engine on this phone, which says the same. Null where
 * neither answers.
 */
export async function practise<T>(asked: string, body: Record<string, unknown>): Promise<Answered<T>> {
  const reply = await post<T>(`/practice/ask/${asked}`, body);
  if (reply.kind === "done") return { answer: reply.body };
  if (reply.kind !== "unreached") return { refused: "message" in reply ? reply.message : "The server refused this." };
  return onPhone<T>(asked, body);
}

const DRAWN_AGAIN_MS = 1000;

/** A case that is as hard as asked for, by its name: worked out beside on the server, or on this phone. Null where none was found. */
export async function drawn(body: Record<string, unknown>): Promise<string | null> {
  for (;;) {
    const reply = await post<{ done: boolean; case: string | null }>("/practice/draws", body);
    if (reply.kind === "unreached") {
      const said = await onPhone<{ case: string | null }>("draw", body);
      return said !== null && "answer" in said ? said.answer.case : null;
    }
    if (reply.kind !== "done") return null;
    if (reply.body.done) return reply.body.case;
    await new Promise((done) => setTimeout(done, DRAWN_AGAIN_MS));
  }
}

/** The same of the engine alone. */
export async function onPhone<T>(asked: string, body: Record<string, unknown>): Promise<Answered<T>> {
  const runs = await engine();
  if (runs === null) return null;
  const said = await runs.ask<T>({ do: "practise", path: asked, body });
  if ("ok" in said) return { answer: said.ok };
  return "refused" in said ? { refused: said.refused.message } : null;
}
