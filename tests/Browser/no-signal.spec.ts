import { readFile, writeFile } from "node:fs/promises";
import { fileURLToPath } from "node:url";
import { type BrowserContext, expect, type Page, test } from "@playwright/test";
import { DEMO, expectAccessible, goTo, mark, openDemoHouse, panel, proveDead } from "./house";
import { registerCrew } from "./mail";

/** Without a signal, with a bad one, and with two tabs: what is told is answered from the phone, and is in the house once, in its order. */

test.use({ serviceWorkers: "allow" });
test.setTimeout(300_000);

const PICTURE = fileURLToPath(new URL("../../public/icon-192.png", import.meta.url));
const WORKER = fileURLToPath(new URL("../../public/build/sw.js", import.meta.url));
const line = (page: Page) => page.getByRole("textbox", { name: "Quick entry" });
const status = (page: Page) => page.getByRole("status").first();
const houseOf = (page: Page) => /houses\/([0-9a-z]{26})/.exec(page.url())?.[1] ?? "";

/** A house of its own, with the engine in the page and all that is needed kept for when there is no signal. */
async function takeAlong(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem("bouclier-engine", "on"));
  await openDemoHouse(page);
  await hasEngine(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // Loaded once more, so that the worker has the page itself and everything the engine is made of.
  await page.reload();
  await hasEngine(page);
  await page.waitForLoadState("networkidle");
}

async function hasEngine(page: Page): Promise<void> {
  await expect(page.locator("[data-engine=true]")).toBeVisible({ timeout: 60_000 });
}

async function enter(page: Page, text: string): Promise<void> {
  await line(page).fill(text);
  await line(page).press("Enter");
}

interface Stored {
  areas: { id: string; code: string }[];
  points: { id: string; code: string; area: string; device?: string; distances?: { ft: number }[] }[];
  observations?: unknown[];
  records: Record<string, { point?: string; ma?: number; at_time: string; on?: boolean; withdrawn_at?: string }[]>;
}

/** The house as the server has it. */
async function stored(page: Page): Promise<Stored> {
  return (await (await page.request.get(`/houses/${houseOf(page)}/file`)).json()) as Stored;
}

const ROOM = "Q1 bathroom basin";
const LINES = [
  ROOM,
  ...Array.from({ length: 19 }, (_, n) => `20 ${n % 2 === 0 ? "standard" : "gfci"} ${n + 1}' basin`),
];

/** Every outlet of the twenty lines, once, in the order they were typed. */
function expectLines(house: Stored): void {
  const room = house.areas.filter((area) => area.code === "Q1");
  expect(room).toHaveLength(1);
  const outlets = house.points.filter((point) => point.area === room[0]?.id);
  expect(outlets.map((point) => point.distances?.[0]?.ft)).toEqual(Array.from({ length: 19 }, (_, n) => n + 1));
  expect(outlets.map((point) => point.code)).toEqual(
    Array.from({ length: 19 }, (_, n) => `Q1-${String(n + 1).padStart(2, "0")}`),
  );
}

async function allSent(page: Page): Promise<void> {
  await expect(status(page)).toContainText(/^sent/, { timeout: 90_000 });
}

test("a day's work without a signal, over a reload and a closed browser, is in the house once and in order", async ({
  page,
  context,
}) => {
  await takeAlong(page);
  const before = await stored(page);
  const url = page.url();
  await context.setOffline(true);
  for (const [n, text] of LINES.entries()) {
    await enter(page, text);
    await expect(status(page)).toContainText(`kept here, ${n + 1} waiting`);
    // The verdict of each stands at once.
    if (n > 0)
      await expect(mark(page, `Q1-${String(n).padStart(2, "0")}`)).toHaveAccessibleName(
        n % 2 === 1 ? /GFCI missing|GFCI advised/ : /GFCI met/,
      );
  }
  for (const code of ["K1-01", "K1-02", "K1-03", "W1-04", "W1-05", "E1-01"]) {
    await mark(page, code).click();
    await panel(page).getByRole("button", { name: "Reads correct" }).first().click();
  }
  await expect(status(page)).toContainText("kept here, 26 waiting");
  await page.reload();
  await hasEngine(page);
  await expect(status(page)).toContainText("kept here, 26 waiting");
  await expect(mark(page, "Q1-19")).toBeVisible();

  await goTo(page, "Trace");
  const next = page.getByRole("region", { name: "Next step" });
  for (let n = 0; n < 2; n++) {
    await next.getByRole("button", { name: "It is off" }).click();
    await page
      .getByRole("region", { name: "What was seen" })
      .getByRole("button", { name: /stayed live$/ })
      .last()
      .click();
    await page.getByRole("button", { name: "I turned it on again" }).click();
  }
  await goTo(page, "Survey");
  await mark(page, "W1-02").click();
  await page
    .getByRole("tab", { name: "Box" })
    .or(page.getByRole("button", { name: "Box", exact: true }))
    .click();
  await proveDead(page);
  await expect(page.getByText(/Proved dead at W1-02/)).toBeVisible();
  const waiting = async () => Number(/kept here, (\d+) waiting/.exec((await status(page).textContent()) ?? "")?.[1]);
  const kept = await waiting();
  const asFound = page.getByRole("region", { name: "As found" });
  await asFound.getByLabel("Photograph it").setInputFiles(PICTURE);
  // It is looked at before it is kept, waits like all the rest only from then on, and is seen meanwhile.
  await expect.poll(waiting).toBe(kept + 1);
  await expect(asFound.getByText(/kept here, not sent yet$/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Breakers: 1 off/ })).toBeVisible();
  await expect(page.getByText(/not yet known to others$/)).toBeVisible();
  const told = await waiting();
  expect(told).toBeGreaterThanOrEqual(33);
  await page.screenshot({ path: "test-results/no-signal.png" });

  // The browser is closed, and opened again where there is still no signal.
  await page.close();
  const again = await context.newPage();
  await again.addInitScript(() => localStorage.setItem("bouclier-engine", "on"));
  await again.goto(url);
  await hasEngine(again);
  await expect(status(again)).toContainText(`kept here, ${told} waiting`);
  await expect(mark(again, "Q1-19")).toHaveAccessibleName(/GFCI/);
  await context.setOffline(false);
  await allSent(again);

  const house = await stored(again);
  expectLines(house);
  const records = (list: string) => (house.records[list] ?? []).length - (before.records[list] ?? []).length;
  expect(records("photos")).toBe(1);
  expect(records("proofs")).toBe(1);
  expect(house.records.proofs?.at(-1)?.withdrawn_at).toBeUndefined();
  expect(records("readings")).toBe(7);
  expect((house.observations ?? []).length - (before.observations ?? []).length).toBe(2);
  const switched = house.records.switched ?? [];
  expect(switched.at(-1)).toMatchObject({ on: false });
  const times = switched.map((one) => one.at_time);
  expect(times).toEqual([...times].sort());
  await expectAccessible(again);
});

/** Every third answer is lost: the server has it, the page does not know. */
async function dropping(context: BrowserContext, how: "drop" | "500" | "cut"): Promise<() => number> {
  let n = 0;
  let lost = 0;
  await context.route(/\/houses\/[0-9a-z]{26}\/(entry|changes|readings)$/, async (route) => {
    n++;
    if (n % 3 !== 0) return route.continue();
    lost++;
    if (how === "500") return route.fulfill({ status: 500, body: "{}" });
    const response = await route.fetch();
    const body = await response.text();
    if (how === "drop") return route.abort();
    return route.fulfill({ response, body: body.slice(0, body.length / 2) });
  });
  return () => lost;
}

for (const how of ["drop", "500", "cut"] as const)
  test(`forty things told while every third answer is lost (${how}) are in the house once`, async ({
    page,
    context,
  }) => {
    await takeAlong(page);
    const lost = await dropping(context, how);
    for (const text of LINES) await enter(page, text);
    await allSent(page);
    expect(lost()).toBeGreaterThan(3);
    expectLines(await stored(page));
  });

test("lines typed without waiting, on a slow line and without the engine, land each in its room", async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem("bouclier-engine", "off"));
  await openDemoHouse(page);
  await page.route(/\/houses\/[0-9a-z]{26}\/(entry|changes|entry\/read)$/, async (route) => {
    await new Promise((late) => setTimeout(late, 1500));
    await route.continue();
  });
  const rooms = ["Q1", "Q2", "Q3", "Q4"];
  for (const room of rooms) {
    await enter(page, `${room} bathroom basin`);
    for (let n = 1; n <= 9; n++) await enter(page, `20 gfci ${n}' basin`);
  }
  await expect(line(page)).toHaveValue("");
  await expect(status(page)).toContainText(/^sent/, { timeout: 150_000 });
  const house = await stored(page);
  for (const code of rooms) {
    const room = house.areas.find((area) => area.code === code);
    const outlets = house.points.filter((point) => point.area === room?.id);
    expect(outlets.map((point) => point.distances?.[0]?.ft)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
  }
});

test("a refused line comes back to be mended in its place, the others go on", async ({ page, context }) => {
  await takeAlong(page);
  await context.setOffline(true);
  await enter(page, "K1 ct 20 gfci 2' sink");
  await enter(page, "K1 ct 20 gfcii 3' sink");
  await enter(page, "K1 ct 20 standard 4' sink");
  await expect(page.getByRole("textbox", { name: "Quick entry" })).toHaveValue("K1 ct 20 gfcii 3' sink");
  await expect(page.getByText('"gfcii" is not a word of this line; is it "gfci"?')).toBeVisible();
  await page.getByRole("button", { name: "gfci", exact: true }).click();
  await line(page).press("Enter");
  await expect(status(page)).toContainText("kept here, 3 waiting");
  await context.setOffline(false);
  await allSent(page);
  const feet = (await stored(page)).points.slice(-3).map((point) => point.distances?.[0]?.ft);
  expect(feet).toEqual([2, 4, 3]);
});

test("two tabs without a signal keep one journal, and both see all of it", async ({ page, context }) => {
  await takeAlong(page);
  const other = await context.newPage();
  await other.addInitScript(() => localStorage.setItem("bouclier-engine", "on"));
  await other.goto(page.url());
  await hasEngine(other);
  await context.setOffline(true);
  await enter(page, "K1 ct 20 gfci 2' sink");
  await expect(mark(other, "K1-09")).toBeVisible();
  await enter(other, "K1 ct 20 gfci 3' sink");
  await expect(mark(page, "K1-10")).toBeVisible();
  for (const tab of [page, other]) await expect(status(tab)).toContainText("kept here, 2 waiting");
  await context.setOffline(false);
  for (const tab of [page, other]) await allSent(tab);
  expect((await stored(page)).points.slice(-2).map((point) => point.code)).toEqual(["K1-09", "K1-10"]);
});

test("a session that has ended hides the house; signed in again, what waits goes on", async ({ page, context }) => {
  // A session of its own: ended here, it is ended for nobody else.
  await context.clearCookies();
  await page.goto("/sign-in");
  await signIn(page);
  await takeAlong(page);
  await context.setOffline(true);
  await enter(page, "K1 ct 20 gfci 2' sink");
  await expect(status(page)).toContainText("kept here, 1 waiting");
  const cookies = (await context.cookies()).filter((cookie) => cookie.name === "phone");
  await context.clearCookies();
  await context.addCookies(cookies);
  await context.setOffline(false);
  const ended = page.getByRole("alertdialog", { name: "Your session has ended" });
  await expect(ended).toContainText("One change waits on this phone.");
  await expectAccessible(page);
  await ended.getByRole("link", { name: "Sign in" }).click();
  await signIn(page);
  await expect(mark(page, "K1-09")).toBeVisible();
  await allSent(page);
  expect((await stored(page)).points.filter((point) => point.code === "K1-09")).toHaveLength(1);
});

test("a newer version of the app waits until nothing is left to be sent", async ({ page, context }) => {
  await takeAlong(page);
  const waiting = () =>
    page.evaluate(
      async () =>
        (await navigator.serviceWorker.getRegistration())?.waiting !== undefined &&
        (await navigator.serviceWorker.getRegistration())?.waiting !== null,
    );
  let isStuck = true;
  await context.route(/\/houses\/[0-9a-z]{26}\/(entry|changes)$/, (route) =>
    isStuck ? route.abort() : route.continue(),
  );
  await enter(page, "K1 ct 20 gfci 2' sink");
  await expect(status(page)).toContainText("kept here, 1 waiting");
  const shipped = await readFile(WORKER, "utf8");
  try {
    await writeFile(WORKER, `${shipped}\n// A newer one.\n`);
    await page.evaluate(async () => void (await (await navigator.serviceWorker.getRegistration())?.update()));
    await expect.poll(waiting, { timeout: 20_000 }).toBe(true);
    // Told on meanwhile: that is a moment when it could take over, and must not.
    await enter(page, "K1 ct 20 gfci 3' sink");
    await expect(status(page)).toContainText("kept here, 2 waiting");
    expect(await waiting()).toBe(true);
    isStuck = false;
    await allSent(page);
    await expect.poll(waiting, { timeout: 20_000 }).toBe(false);
  } finally {
    await writeFile(WORKER, shipped);
  }
  expect((await stored(page)).points.slice(-2).map((point) => point.distances?.[0]?.ft)).toEqual([2, 3]);
});

test("a phone said to be lost forgets its houses when it is heard of next", async ({ page, context, browser }) => {
  // Of somebody of their own, who is signed out everywhere by it.
  const account = { email: `ina.${Date.now()}@other.example`, password: "long enough words" };
  const lost = await browser.newContext({ storageState: { cookies: [], origins: [] }, serviceWorkers: "allow" });
  const phone = await lost.newPage();
  await registerCrew(phone, "Far Crew", "Ina Other", account.email, account.password);
  await takeAlong(phone);
  const url = phone.url();
  await lost.setOffline(true);
  await enter(phone, "K1 ct 20 gfci 2' sink");
  await expect(status(phone)).toContainText("kept here, 1 waiting");
  await context.clearCookies();
  await page.goto("/sign-in");
  await signIn(page, account);
  await page.goto("/account");
  await page.getByRole("button", { name: "It is lost" }).click();
  await page.getByRole("button", { name: "Wipe it for good" }).click();
  await expect(page.getByText("That phone is wiped when it is heard of next.")).toBeVisible();
  await lost.setOffline(false);
  await phone.goto(url);
  await expect(phone).toHaveURL(/sign-in/);
  const kept = await phone.evaluate(async () => ({
    stores: (await indexedDB.databases()).map((one) => one.name),
    caches: await caches.keys(),
    workers: (await navigator.serviceWorker.getRegistrations()).length,
    local: Object.keys(localStorage),
  }));
  // The one thing is put there by this test on every page.
  expect(kept).toEqual({ stores: [], caches: [], workers: 0, local: ["bouclier-engine"] });
  // Nothing of the house opens any more, signal or not.
  await lost.setOffline(true);
  await expect(phone.goto(url)).rejects.toThrow();
  await lost.close();
});

async function signIn(page: Page, account = DEMO): Promise<void> {
  await page.getByLabel("Mail address").fill(account.email);
  await page.getByLabel("Password").fill(account.password);
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page).not.toHaveURL(/sign-in/);
}

test("nothing but the server is ever asked, and PHP in the page has no way out", async ({ page, context }) => {
  const hosts = new Set<string>();
  context.on("request", (request) => hosts.add(new URL(request.url()).host));
  await takeAlong(page);
  await enter(page, "K1 ct 20 gfci 2' sink");
  await allSent(page);
  expect([...hosts]).toEqual([new URL(page.url()).host]);
});
