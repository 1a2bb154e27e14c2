/** Volts as they are typed: "121.4", "0,2". */
export function isVolts(text: string): boolean {
  return /^\d{1,3}([.,]\d+)?$/.test(text.trim());
}

/** Null for what is no number of volts. */
export function volts(text: string): number | null {
  return isVolts(text) ? Number(text.trim().replace(",", ".")) : null;
}
