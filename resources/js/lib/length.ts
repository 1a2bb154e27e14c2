/** Lengths as they are spoken: `2'6`, `2 ft 6 in`, `30 in`, `2.5`, `1.2 m`. The house file keeps decimal feet. */

export const METRES_PER_FOOT = 0.3048;

/** What lengths are shown in: as the code goes by, or as who looks at it has chosen. */
export type Unit = "ft" | "m";

/** One step of a length that is set by taps, in feet: half a foot, or ten centimetres. */
export const STEP: Record<Unit, number> = { ft: 0.5, m: 0.1 / METRES_PER_FOOT };

/** Decimal feet to feet and inches, to the nearest quarter inch, or to metres: 2.5 gives `2 ft 6 in`, or `0.76 m`. */
export function spokenLength(ft: number, unit: Unit): string {
  if (unit === "m") return `${metres(ft)} m`;
  const { feet, inches } = split(ft);
  if (inches === 0) return `${feet} ft`;
  return feet === 0 ? `${inches} in` : `${feet} ft ${inches} in`;
}

/** As it is written beside a mark on the ruler: 2.5 gives `2′6″`, or `0.76 m`. */
export function writtenLength(ft: number, unit: Unit): string {
  if (unit === "m") return `${metres(ft)} m`;
  const { feet, inches } = split(ft);
  return inches === 0 ? `${feet}′` : `${feet}′${inches}″`;
}

/** As the length of a cable is said: 41 ft, 12.5 m. */
export function roughLength(ft: number, unit: Unit): string {
  return unit === "m" ? `${Math.round(ft * METRES_PER_FOOT * 10) / 10} m` : `${Math.round(ft)} ft`;
}

/** To the centimetre. */
function metres(ft: number): number {
  return Math.round(ft * METRES_PER_FOOT * 100) / 100;
}

function split(ft: number): { feet: number; inches: number } {
  const quarters = Math.round(ft * 48);
  return { feet: Math.floor(quarters / 48), inches: (quarters % 48) / 4 };
}

/** What somebody typed, in decimal feet; null when it is not a length. A number alone is in the unit that is shown. */
export function parseLength(text: string, unit: Unit): number | null {
  const said = text.trim().toLowerCase().replace(/[’′]/g, "'").replace(/[”″]/g, '"').replace(",", ".");
  const metric = /^(\d+(?:\.\d+)?)\s*(m|cm)$/.exec(unit === "m" && /^[\d.]+$/.test(said) ? `${said}m` : said);
  if (metric) return round(Number(metric[1]) / (metric[2] === "cm" ? 100 : 1) / METRES_PER_FOOT);
  const inches = /^(\d+(?:\.\d+)?)\s*(?:"|in|inch|inches)$/.exec(said);
  if (inches) return round(Number(inches[1]) / 12);
  const feet = /^(\d+(?:\.\d+)?)\s*(?:'|ft|foot|feet)?\s*(?:(\d+(?:\.\d+)?)\s*(?:"|in|inch|inches)?)?$/.exec(said);
  if (!feet) return null;
  if (feet[2] !== undefined && !/['f]/.test(said)) return null;
  return round(Number(feet[1]) + Number(feet[2] ?? 0) / 12);
}

function round(ft: number): number {
  return Math.round(ft * 1000) / 1000;
}
