// Reads an iCalendar file from standard input by a reader of its own, and prints each entry with the first days it falls on.
import { readFileSync } from "node:fs";
import ICAL from "ical.js";

const OCCURRENCES = 14;
const calendar = new ICAL.Component(ICAL.parse(readFileSync(0, "utf8")));
const days = (event) => {
  const steps = event.iterator();
  const found = [];
  for (let next = steps.next(); next && found.length < OCCURRENCES; next = steps.next()) found.push(next.toString());
  return found;
};
process.stdout.write(
  JSON.stringify({
    name: calendar.getFirstPropertyValue("x-wr-calname"),
    version: calendar.getFirstPropertyValue("version"),
    events: calendar.getAllSubcomponents("vevent").map((one) => {
      const event = new ICAL.Event(one);
      return {
        uid: event.uid,
        title: event.summary,
        text: event.description,
        isWholeDay: event.startDate.isDate,
        repeats: event.isRecurring() ? one.getFirstPropertyValue("rrule").toString() : null,
        days: event.isRecurring() ? days(event) : [event.startDate.toString()],
      };
    }),
  }),
);
