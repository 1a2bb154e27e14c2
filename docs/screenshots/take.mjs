// node docs/screenshots/take.mjs [address] [file …]: takes every picture of docs/screenshots anew, or those named, from a fresh copy of the demo house that it takes in.
import { fileURLToPath } from "node:url";
import { chromium } from "@playwright/test";

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const box = async (page) => {
  await page.getByRole("button", { name: "Box", exact: true }).click();
  await page.getByRole("region", { name: "Pairs" }).waitFor();
};
const trace = async (page) => {
  await page.getByRole("button", { name: "TEST pressed" }).click();
  await page.getByRole("button", { name: /^K1-01 / }).last().click();
  await page.getByRole("button", { name: /^Nothing is dead/ }).click();
  await page.getByRole("region", { name: "What was seen" }).getByRole("button", { name: /^K1-02 / }).click();
};
/** A kitchen by taps, two outlets confirmed and the third in hand; taken out again. */
const taps = async (page) => {
  await page.getByRole("button", { name: "+ Room" }).click();
  await page.getByRole("button", { name: "Kitchen", exact: true }).click();
  await page.getByRole("button", { name: "Add the kitchen" }).click();
  const card = page.getByRole("region", { name: /by taps$/ });
  await card.getByRole("button", { name: "20 A" }).click();
  await card.getByRole("button", { name: "GFCI", exact: true }).click();
  await card.getByRole("button", { name: /^Right/ }).click();
  await page.getByRole("region", { name: "K2-02 by taps" }).getByRole("button", { name: "Plain" }).click();
  await card.getByRole("button", { name: /^Right/ }).click();
  await page.getByRole("region", { name: "K2-03 by taps" }).scrollIntoViewIfNeeded();
};
/** Lines told where there is no signal; what they come to stands in the drawing. */
const withoutSignal = (...lines) => async (page) => {
  await page.locator("[data-engine=true]").waitFor({ timeout: 60_000 });
  await page.context().setOffline(true);
  const type = page.getByRole("button", { name: "Type", exact: true });
  if ((await type.count()) > 0) await type.click();
  const field = page.getByRole("textbox", { name: "Quick entry" });
  for (const [n, line] of lines.entries()) {
    await field.fill(line);
    await field.press("Enter");
    if (!line.includes("gfcii")) await page.getByText(`kept here, ${lines.slice(0, n + 1).filter((one) => !one.includes("gfcii")).length} waiting`).waitFor();
  }
};
/** What a call says and what was tested so far, filed as the interface files it; the view then shows it. */
const filed = (view, requests) => async (page) => {
  await page.evaluate(async (list) => {
    const token = decodeURIComponent(document.cookie.split("; ").find((one) => one.startsWith("XSRF-TOKEN=")).slice(11));
    for (const [path, body] of list) {
      const headers = { Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token };
      const answer = await fetch(`${location.pathname}/${path}`, { method: "POST", headers, body: JSON.stringify(body) });
      if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    }
  }, requests);
  await page.goto(`${new URL(page.url()).pathname}/${view}`, { waitUntil: "networkidle" });
};
const call = ["call", { kind: "trips", at: "c8", when: "with_load", running: ["iron"], words: "Goes off on ironing day, third time this winter" }];
const c8 = { circuit: "c8" };
const tested = (...tests) => ["call/tests", { tests: tests.map(([action, reading]) => ({ action, reading })) }];
/** One thing done on a practice visit. */
const deed = async (page, place, offer) => {
  if (place !== null) await page.getByRole("region", { name: "Places" }).getByRole("button", { name: place }).click();
  await page.getByRole("button", { name: offer }).first().click();
  await page.waitForTimeout(700);
};
const views = [
  { file: "rooms.png", size: DESK, outlet: "W1-04" },
  { file: "outlet-phone.png", size: PHONE, outlet: "E2-01" },
  { file: "found.png", size: DESK, path: "/found" },
  { file: "runs.png", size: DESK, path: "/trace" },
  { file: "box.png", size: DESK, path: "/trace", outlet: "W1-02", then: async (page) => {
    await box(page);
    const past = page.getByRole("region", { name: "Goes on" }).filter({ hasText: "TO W1-04" });
    await past.getByRole("button", { name: "LOAD" }).click();
    await past.scrollIntoViewIfNeeded();
  } },
  { file: "measure.png", size: DESK, path: "/trace", outlet: "K1-01", then: async (page) => {
    await page.getByRole("button", { name: "Measure", exact: true }).click();
    await page.getByLabel("How long it took").fill("0.043");
    await page.getByRole("button", { name: "It opened itself" }).click();
    await page.getByText(/43 ms at/).waitFor();
    await page.getByRole("region", { name: "Leakage, nothing wrong" }).scrollIntoViewIfNeeded();
    await page.locator("aside").evaluate((aside) => aside.scrollBy(0, 560));
  } },
  { file: "trace-phone.png", size: PHONE, path: "/trace", then: trace },
  { file: "make-safe-phone.png", size: PHONE, outlet: "W1-02", then: async (page) => {
    await box(page);
    await page.getByLabel("Volts, top half, with the breaker on").fill("121.1");
    await page.getByRole("button", { name: "File it" }).click();
    await page.getByRole("button", { name: /^I turned 7/ }).click();
    await page.getByLabel("Volts, A known live point", { exact: true }).fill("121.4");
    await page.getByRole("button", { name: "The rest read 0" }).click();
  } },
  { file: "call.png", size: DESK, then: filed("call", [call, ["call/answers", { answers: { upstream: "None has popped", water: "No" } }]]) },
  { file: "trips.png", size: DESK, then: filed("trips", [tested(
    [{ do: "indicator", at: c8 }, { shows: "tripped" }],
    [{ do: "unplug", appliance: "iron" }, { tripped: [] }],
    [{ do: "reset", at: c8 }, { holds: true, tripped: [], no_power: false }],
  )]) },
  { file: "no-signal-phone.png", size: PHONE, engine: true, then: withoutSignal("K1 ct 20 gfci 3' sink", "ct 20 5' sink", "K1-02 gfci") },
  { file: "decide.png", size: DESK, path: "/decide", then: async (page) => {
    await page.getByRole("region", { name: "Must" }).waitFor({ timeout: 60_000 });
    await page.getByRole("region", { name: "What each protects" }).waitFor({ timeout: 60_000 });
  } },
  { file: "owner-phone.png", size: PHONE, path: "/papers", then: async (page) => {
    await page.getByRole("button", { name: "Make the page of the house" }).click();
    const address = await page.getByRole("link", { name: /for-you/ }).first().getAttribute("href");
    await page.goto(new URL(address).pathname);
    await page.getByRole("button", { name: "Kitchen" }).click();
    await page.getByRole("button", { name: /^K1-03/ }).click();
  } },
  { file: "prove-phone.png", size: PHONE, then: async (page) => {
    await filed("prove", [["devices/replaced", { point: "k1" }]])(page);
    await page.getByRole("button", { name: "As it should be" }).click();
    await page.getByRole("button", { name: /K1 Kitchen/ }).click();
    await page.getByRole("button", { name: /^All 5/ }).waitFor();
  } },
  { file: "keep.png", size: DESK, path: "/keep" },
  { file: "practice-phone.png", size: PHONE, address: "/practice?case=written-behind-the-sink", then: async (page) => {
    await deed(page, /^K-01/, /^Reset K-01/);
    await deed(page, null, /^Look at the light/);
  } },
  { file: "practice-afterwards.png", size: DESK, address: "/practice?case=written-the-light-over-the-tub", then: async (page) => {
    await deed(page, /^B-01/, /^Reset B-01/);
    await deed(page, /^B-03/, /^Plate off at B-03/);
    await page.getByRole("button", { name: "Go on from before it" }).click();
    await deed(page, /^Breaker 1/, /^Unplug everything/);
    await deed(page, /^B-01/, /^Reset B-01/);
    await page.getByRole("button", { name: "Name the cause" }).click();
    await page.getByRole("button", { name: "B-03", exact: true }).click();
    await page.getByRole("button", { name: /^B-03 leaks to ground/ }).click();
    await page.getByRole("heading", { name: /^Right/ }).waitFor({ timeout: 60_000 });
  } },
  { file: "practice-drill.png", size: DESK, address: "/practice?drill=find_line.12", then: async (page) => {
    for (const name of ["Meter, hot to neutral", "Non-contact at the hot"]) await page.getByRole("button", { name }).first().click();
    await page.getByRole("button", { name: "LOAD", exact: true }).first().click();
  } },
  // Last: it leaves a second kitchen behind.
  { file: "taps-phone.png", size: PHONE, then: taps },
];

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
});
const only = process.argv.slice(3);
const address = process.argv[2] ?? "http://127.0.0.1:8080";
const signedIn = await browser.newContext({ baseURL: address });
const first = await signedIn.newPage();
await first.goto("/sign-in");
await first.getByLabel("Mail address").fill("rosa@demo.example");
await first.getByLabel("Password").fill("plover-street-8");
await first.getByRole("button", { name: "Sign in" }).click();
await first.getByLabel("Or take it from a house file").setInputFiles(fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url)));
await first.getByRole("heading", { name: "Rooms" }).waitFor();
const house = new URL(first.url()).pathname;
const storageState = await signedIn.storageState();
for (const { file, size, outlet, theme = "light", path = "", address: elsewhere, engine = false, then } of views.filter((one) => only.length === 0 || only.includes(one.file))) {
  const phone = size === PHONE;
  const context = await browser.newContext({ baseURL: address, storageState, viewport: size, isMobile: phone, hasTouch: phone });
  const page = await context.newPage();
  await page.addInitScript(([kept, on]) => {
    localStorage.setItem("bouclier.theme", kept);
    localStorage.setItem("bouclier-engine", on ? "on" : "off");
  }, [theme, engine]);
  await page.goto(elsewhere ?? `${house}${path}${outlet ? `/${outlet}` : ""}`, { waitUntil: "networkidle" });
  if (outlet) await page.locator("aside h2, [role=dialog] h2").first().waitFor();
  await then?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: fileURLToPath(new URL(file, import.meta.url)) });
  await context.close();
}
await browser.close();
