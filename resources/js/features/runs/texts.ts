/** How much room words take on the runs drawing, in pixels, before anything is drawn: rather too much than too little. */

/** Of the height of the letters, the width of one at the narrow width the drawing is lettered in. */
const NARROW = 0.46;

export function widthOf(text: string, size: number): number {
  return text.length * size * NARROW;
}

/** The fullest of the wordings that has room; none where even the shortest has not. */
export function fitting(wordings: (string | null)[], room: number, size: number): string | null {
  return wordings.find((one) => one !== null && one !== "" && widthOf(one, size) <= room) ?? null;
}

/** As much of a text as has room. */
export function shortened(text: string, room: number, size: number): string {
  const most = Math.floor(room / (size * NARROW));
  if (text.length <= most) return text;
  return most < 2 ? "" : `${text.slice(0, most - 1)}…`;
}
