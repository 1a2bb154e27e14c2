/** What is looked at in a house, and how that is written in the address: by the job and by location codes. Pure. */

/** The stages of the work that are built, in the order of the job. */
export type Job = "call" | "survey" | "trace" | "trips" | "decide" | "prove" | "keep";

/** What stands beside the drawing: the outlet, its box, its instruments; or the next step of the job. */
export type Beside = "outlet" | "box" | "measure" | "next";

export interface Sight {
  job: Job;
  /** Of the survey: what was found, in the place of the rooms. */
  found: boolean;
  /** The code of the outlet or the room that is looked at. */
  code: string | null;
  beside: Beside;
}

export const START: Sight = { job: "survey", found: false, code: null, beside: "outlet" };

const JOBS: Record<string, Partial<Sight>> = {
  call: { job: "call" },
  found: { found: true },
  trace: { job: "trace" },
  trips: { job: "trips" },
  decide: { job: "decide" },
  prove: { job: "prove" },
  keep: { job: "keep" },
};

function isBeside(said: string | undefined): said is Beside {
  return said === "outlet" || said === "box" || said === "measure" || said === "next";
}

/** `/houses/h1/trace/K1-03/box`: anything it does not know is passed over. */
export function read(path: string): Sight {
  const [, , , ...words] = path.split("/").map(decode);
  const sight = { ...START, ...(Object.hasOwn(JOBS, words[0] ?? "") ? JOBS[words.shift() ?? ""] : {}) };
  if (words[0] === "at") words.shift();
  const [code, beside] = words;
  return { ...sight, code: code ? code : null, beside: isBeside(beside) ? beside : "outlet" };
}

/** A code without a figure could be a word of the address: it is written after `at`. */
export function write(houseId: string, sight: Sight): string {
  const job = sight.job === "survey" ? (sight.found ? ["found"] : []) : [sight.job];
  const code = sight.code === null ? [] : [...(/\d/.test(sight.code) ? [] : ["at"]), sight.code];
  const beside = sight.code === null || sight.beside === "outlet" ? [] : [sight.beside];
  return ["", "houses", houseId, ...[...job, ...code, ...beside].map(encodeURIComponent)].join("/");
}

function decode(word: string): string {
  try {
    return decodeURIComponent(word);
  } catch {
    return word;
  }
}
