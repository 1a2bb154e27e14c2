/** Which neutral reads through with which hot, by number; null where that was not tried. */
export type Pairing = (number | null)[];

/** A neutral belongs to one hot alone; when one hot and one neutral are left they belong together without a test. */
export function paired(pairing: Pairing, hot: number, neutral: number): Pairing {
  const told = pairing.map((one, at) => (at === hot ? neutral : one === neutral ? null : one));
  const open = told.flatMap((one, at) => (one === null ? [at] : []));
  const free = told.map((_, at) => at).filter((at) => !told.includes(at));
  return open.length === 1 && free.length === 1 ? told.map((one) => one ?? free[0] ?? null) : told;
}

export function spoken(pairing: Pairing): string {
  return `Paired by test: ${pairing.map((neutral, hot) => `hot ${hot + 1} with neutral ${(neutral ?? -1) + 1}`).join(", ")}.`;
}
