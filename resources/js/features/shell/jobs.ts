/** The jobs in their order, each with what is open in it: pure. */

import { isGap } from "@/features/rooms/gap";
import type { Job } from "@/features/workspace/address";
import type { JudgedPage } from "@/types/pages";

export interface JobLine {
  job: Job;
  name: string;
  /** What is still open in it. */
  open: string;
}

/** Only the jobs that are built: no empty rooms. */
export function jobsOf(sheet: JudgedPage): JobLine[] {
  const { call } = sheet.house;
  return [
    { job: "call", name: "Call", open: call === null ? "none open" : "open" },
    { job: "survey", name: "Survey", open: surveyed(sheet) },
    { job: "trace", name: "Trace", open: traced(sheet) },
    {
      job: "trips",
      name: "Trips",
      open: call === null ? "no call" : call.tests === 0 ? "not begun" : counted(call.tests, "test"),
    },
    { job: "decide", name: "Decide", open: decided(sheet) },
    { job: "prove", name: "Prove", open: proved(sheet) },
    { job: "keep", name: "Keep", open: kept(sheet) },
  ];
}

function surveyed(sheet: JudgedPage): string {
  const outlets = sheet.rooms.reduce((sum, room) => sum + room.outlets.length, 0);
  const left = sheet.rooms.reduce((sum, room) => sum + room.ghosts.length, 0);
  if (outlets === 0) return "not begun";
  const hurt = sheet.concerns.filter((concern) => concern.urgency === "danger").length;
  const asked = sheet.concerns.filter((concern) => concern.urgency === "asked").length;
  const found = hurt > 0 ? `${hurt} can hurt` : asked > 0 ? `${asked} asked` : "nothing asked";
  return left > 0 ? `${outlets} of ${outlets + left}, ${found}` : found;
}

function traced(sheet: JudgedPage): string {
  const outlets = sheet.rooms.flatMap((room) => room.outlets);
  const open = outlets.filter((outlet) => !outlet.traced).length;
  if (outlets.length === 0) return "not begun";
  return open === 0 ? "all traced" : `${open} not traced`;
}

function decided(sheet: JudgedPage): string {
  const outlets = sheet.rooms.flatMap((room) => room.outlets);
  if (outlets.length === 0) return "not begun";
  const bare = outlets.filter(({ gfci, afci }) => isGap(gfci.verdict) || isGap(afci.verdict)).length;
  return bare === 0 ? "nothing wanted" : `${bare} to protect`;
}

function proved({ proving }: JudgedPage): string {
  if (proving === null) return "nothing touched";
  if (proving.failed > 0) return `${proving.failed} not as it should be`;
  return proving.left === 0 ? "all proved" : `${proving.left} to see`;
}

function kept({ items }: JudgedPage): string {
  const open = items.filter((item) => item.closedAt === null).length;
  return open === 0 ? "nothing left open" : `${open} left open`;
}

export function counted(count: number, word: string): string {
  return count === 1 ? `1 ${word}` : `${count} ${word}s`;
}
