/** A time as it is spoken of: the hour today, the day before that. */
export function clock(at: string | null): string {
  if (at === null) return "";
  const time = new Date(at);
  const hour = time.toLocaleTimeString("en", { hour: "2-digit", minute: "2-digit", hour12: false });
  return time.toDateString() === new Date().toDateString()
    ? hour
    : `${time.toLocaleDateString("en", { day: "numeric", month: "short" })} ${hour}`;
}
