/** A number as people write it, with a point or a comma; null when it is none, is below zero, or has more digits than it may. */
export function numberOf(text: string, digits = 9): number | null {
  const plain = text.trim().replace(",", ".");
  const whole = plain.split(".")[0] ?? "";
  return /^\d+(\.\d+)?$/.test(plain) && whole.length <= digits ? Number(plain) : null;
}

/** A chance in percent: never certain of what is not, nor impossible of what may be. */
export function percent(chance: number): string {
  if (chance > 0 && chance < 0.01) return "< 1 %";
  if (chance < 1 && chance >= 0.995) return "> 99 %";
  return `${Math.round(100 * chance)} %`;
}
