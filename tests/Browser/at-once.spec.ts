import { expect, type Page, test } from "@playwright/test";
import { ask, openDemoHouse } from "./house";
import { registerCrew } from "./mail";

const TWENTY = Array.from({ length: 20 }, (_, number) => number);

interface HouseFile {
  records: Record<string, { text?: string; volts?: number; check?: string }[]>;
  observations?: { kind: string; tripped?: string[] }[];
  tests: unknown[];
  symptom: { answers?: Record<string, string> };
}

async function file(page: Page): Promise<HouseFile> {
  return (await (await page.request.get(`${new URL(page.url()).pathname}/file`)).json()) as HouseFile;
}

/** Twenty of a kind, sent in the same moment by phones that know nothing of each other. */
async function atOnce(send: (number: number) => Promise<unknown>): Promise<void> {
  await Promise.all(TWENTY.map(send));
}

test("what twenty file in a house at once is all kept", async ({ page }) => {
  test.slow();
  await openDemoHouse(page);
  await ask(page, "call", { kind: "trips", at: "c8", when: "with_load", running: ["iron"] });
  const before = await file(page);
  await atOnce((n) => ask(page, "readings", { point: "k1", half: null, volts: 100 + n }));
  await atOnce((n) => ask(page, "items", { text: `Left ${n}` }));
  await atOnce((n) => ask(page, "outlets/k1/notes", { text: `Seen ${n}` }));
  await atOnce(() => ask(page, "observations", { kind: "button", point: "k1", tripped: [] }));
  await atOnce((n) => ask(page, "breakers", { circuit: "c8", on: n % 2 === 0 }));
  await atOnce(() =>
    ask(page, "call/tests", { tests: [{ action: { do: "unplug", appliance: "iron" }, reading: { tripped: [] } }] }),
  );
  const after = await file(page);
  const more = (list: string) => (after.records[list]?.length ?? 0) - (before.records[list]?.length ?? 0);
  expect(
    after.records.readings
      ?.slice(-20)
      .map((one) => one.volts ?? 0)
      .sort(),
  ).toEqual(TWENTY.map((n) => 100 + n));
  expect(new Set(after.records.open_items?.slice(-20).map((one) => one.text)).size).toBe(20);
  expect(new Set(after.records.notes?.slice(-20).map((one) => one.text)).size).toBe(20);
  expect([more("readings"), more("open_items"), more("notes"), more("switched")]).toEqual([20, 20, 20, 20]);
  expect((after.observations?.length ?? 0) - (before.observations?.length ?? 0)).toBe(20);
  expect(after.tests).toHaveLength(20);
});

test("what twenty settle for the crew at once is all kept", async ({ browser }) => {
  const page = await (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
  await registerCrew(page, "Busy Crew", "Una Other", `una.${Date.now()}@other.example`, "long enough words");
  const props = async <T>(path: string) => {
    await page.goto(path);
    const sent = await page.locator("script[data-page]").textContent();
    return (JSON.parse(sent ?? "{}") as { props: T }).props;
  };
  const suspects = () => props<{ lines: { name: string; own: number | null }[] }>("/priors");
  const appliances = () => props<{ classes: { value: string; isOwn: boolean }[] }>("/appliances");
  const names = (await suspects()).lines.slice(0, 20).map((line) => line.name);
  expect(names).toHaveLength(20);
  const { classes } = await appliances();
  await Promise.all(names.map((name, n) => ask(page, "/priors", { name, value: n + 1.5 }, "put")));
  await Promise.all(
    classes.map((one, n) => ask(page, "/appliances", { class: one.value, range: [0, n + 1, 0, 2] }, "put")),
  );
  expect((await suspects()).lines.slice(0, 20).map((line) => line.own)).toEqual(names.map((_, n) => n + 1.5));
  expect((await appliances()).classes.filter((one) => !one.isOwn)).toEqual([]);
});
