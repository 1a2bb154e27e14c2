/** The demo account as it is signed in for one of the workers, by its number from 0. */
export function sessionOf(worker: number): string {
  return `var/playwright-session-${worker}.json`;
}

/** That of this worker: of two under one session, one would be shown what the other is told once. */
export const SESSION = sessionOf(Number(process.env.TEST_PARALLEL_INDEX ?? 0));
