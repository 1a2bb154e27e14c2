/** A number as people write it, with a point or a comma; null when it is none, is below zero, or has more digits than it may. */
export function numberOf(text: string, digits = 9): number | null {
  const plain = text.trim().replace(",", ".");
  const whole = plain.split(".")[0] ?? "";
  return /^\d+(\.\d+)?$/.test(plain) && whole.length <= digits ? Number(plain) : null;
}
