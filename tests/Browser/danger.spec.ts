import { expect, type Page, test } from "@playwright/test";
import { ask, expectAccessible, goTo, mark, openDemoHouse, proveDead } from "./house";
import { SESSION } from "./session";

async function openBox(page: Page, code: string): Promise<void> {
  await mark(page, code).click();
  await page.getByRole("button", { name: "Box", exact: true }).click();
}

test("a live reading ends the proof on both phones, and says why", async ({ page, browser }) => {
  await openDemoHouse(page);
  await openBox(page, "W1-02");
  await proveDead(page);
  await expect(page.getByText(/^Proved dead at W1-02 by Rosa/)).toBeVisible();
  await page.getByRole("button", { name: "2 pairs" }).click();
  await expect(page.getByText("The box of W1-02 is open: prove every pair dead before touching one.")).toBeVisible();
  await proveDead(page);
  await expect(page.getByText(/^Proved dead at W1-02 by Rosa/)).toBeVisible();

  const other = await browser.newContext({ storageState: SESSION });
  const phone = await other.newPage();
  await phone.goto(page.url());
  const bar = phone.getByRole("region", { name: "Live or dead" });
  await expect(bar).toContainText("dead at W1-02 only");

  // What is asked is what is seen, and each answer says what it means.
  const pair = page.getByRole("region", { name: "Pair a" });
  await pair.getByText("Is it the feed?").click();
  await expect(pair).toContainText("What does pair a read");
  await pair.getByRole("button", { name: /^Line voltage/ }).click();
  await expect(page.getByText(/has ended: W1-02 read live: pair a read live by meter/)).toBeVisible();
  await expect(page.getByText(/^Proved dead at W1-02/)).toHaveCount(0);
  await expect(bar).toContainText("off, nowhere proved dead");
  await other.close();
});

test("power is not offered to a box with pairs apart; a report that it is on alarms every phone", async ({
  page,
  browser,
}) => {
  await openDemoHouse(page);
  await openBox(page, "W1-02");
  await proveDead(page);
  await page.getByRole("button", { name: "2 pairs" }).click();
  await page.getByRole("button", { name: "Pairs apart, not capped" }).click();
  const other = await browser.newContext({ storageState: SESSION });
  const phone = await other.newPage();
  await phone.goto(page.url());

  await page.getByRole("button", { name: /^Breakers: 1 off/ }).click();
  const breakers = page.getByRole("dialog", { name: "Breakers" });
  await expect(breakers).toContainText("Not yet. The box of W1-02 has pairs apart: cap every conductor");
  const report = breakers.getByRole("button", { name: "7 Workshop: I turned it on" });
  await expect(report).toHaveText("It is on all the same");
  await report.click();
  await breakers.getByRole("button", { name: "Close" }).click();
  for (const screen of [page, phone]) {
    const alarm = screen.getByRole("alert", { name: "Live and open" });
    await expect(alarm).toContainText("Keep off. Breaker 7 Workshop is on, and the box of W1-02 has pairs apart");
  }
  await expectAccessible(page);
  await page.getByRole("button", { name: "Pairs apart, every conductor capped" }).click();
  await expect(phone.getByRole("alert", { name: "Live and open" })).toContainText("every conductor capped");
  await phone.getByRole("button", { name: "It is made up" }).click();
  await expect(page.getByRole("alert", { name: "Live and open" })).toHaveCount(0);
  await other.close();
});

test("an outlet nobody has traced is expected to show nothing, and untouched lamps file nothing", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "N1-03").click();
  await page.getByRole("button", { name: "Measure", exact: true }).click();
  const side = page.getByRole("complementary", { name: "The selected outlet" });
  await expect(side).toContainText("trace it first");
  await expect(side).not.toContainText("0.0 V");
  await expect(side.getByRole("button", { name: "File these lamps" })).toBeDisabled();
});

test("the trial page names the refrigerator, what not to do and what spoils; it ends when it is withdrawn", async ({
  page,
  browser,
}) => {
  await openDemoHouse(page);
  await ask(page, "call", { kind: "trips", at: "k1", when: "random", running: [], words: null });
  const trial = { do: "trial", at: { point: "k1" }, days: 5 };
  await ask(page, "call/trial", {
    tests: [
      { action: { do: "unplug", appliance: "fridge" }, reading: { tripped: [] } },
      { action: trial, reading: { trips: 0 } },
    ],
    rule: [{ shown: "no trip in those days", means: "The refrigerator, 80 %" }],
  });
  await page.reload();
  await goTo(page, "Trips");
  const left = page.getByRole("region", { name: "Left with the householder" });
  await expect(left).toContainText("Nothing is noted yet");
  await expect(left).toContainText(/Open until .*, not looked at yet/);
  await expect(left.getByRole("button", { name: "Copy the link" })).toBeVisible();
  const url = (await left.getByText(/\/for-you\//).textContent()) ?? "";

  const theirs = await browser.newContext({
    storageState: { cookies: [], origins: [] },
    viewport: { width: 390, height: 844 },
  });
  const home = await theirs.newPage();
  await home.goto(url);
  await expect(home.getByText("Leave unplugged: the refrigerator.")).toBeVisible();
  await expect(home.getByText(/Do not plug the refrigerator in again/)).toBeVisible();
  await expect(home.getByText(/The refrigerator is off all that time. Food keeps for some hours/)).toBeVisible();
  await expect(home.getByText(/kitchen, “Window counter”/)).toBeVisible();
  await expect(home.getByText(/Use everything as you always/)).toHaveCount(0);
  await expect(home.getByText("Do not open an outlet, a box or the panel.")).toBeVisible();
  await expect(home.getByText("Plover")).toHaveCount(0);
  await expectAccessible(home);
  await home.getByRole("button", { name: /^It held on/ }).click();
  await expect(home.getByRole("button", { name: /^It held on/ })).toHaveAttribute("aria-pressed", "true");

  await page.reload();
  await expect(left).toContainText(/1 of 5 days noted, no trip. Taken in now it counts as that many days/);
  await left.getByRole("button", { name: "Withdraw the page" }).click();
  await expect(left).toContainText("Withdrawn: the page is closed.");
  const gone = await home.goto(url);
  expect(gone?.status()).toBe(410);
  await expect(home.getByRole("heading", { name: "This page has ended" })).toBeVisible();
  await theirs.close();
});

test("an appliance taken out in an open call keeps its evidence readable, and it counts no more", async ({ page }) => {
  await openDemoHouse(page);
  await ask(page, "call", { kind: "trips", at: "c8", when: "with_load", running: ["iron"], words: null });
  await ask(page, "call/tests", {
    tests: [{ action: { do: "plug", appliance: "iron" }, reading: { tripped: ["c8"] } }],
  });
  await page.reload();
  await goTo(page, "Trips");
  const known = page.getByRole("region", { name: "Known" });
  await expect(known).toContainText("Plug in the steam iron");
  await ask(page, "changes", { revision: 2, changes: [{ in: "appliances", id: "iron", set: null }] });
  await page.reload();
  await expect(known).toContainText("Counts no more: it names something that was taken out of the house.");
  await expect(known).toContainText("running: one that was taken out since");
  await expect(page.getByRole("region", { name: "Next test" })).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(known).not.toContainText("Counts no more");
});
