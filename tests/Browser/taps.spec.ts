import { expect, type Page, test } from "@playwright/test";
import { expectAccessible } from "./house";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** Taps that were counted since the last reading of the counter. */
async function counter(page: Page): Promise<() => number> {
  let taps = 0;
  await page.exposeFunction("countTap", () => {
    taps += 1;
  });
  await page.addInitScript(() => addEventListener("click", (event) => event.isTrusted && window.countTap(), true));
  await page.reload();
  let before = 0;
  return () => {
    const since = taps - before;
    before = taps;
    return since;
  };
}

declare global {
  interface Window {
    countTap: () => void;
  }
}

async function begin(page: Page): Promise<void> {
  await page.goto("/houses");
  await page.getByLabel("Street and number").fill("Gannet Steps 4");
  await page.getByRole("button", { name: "Start this house" }).tap();
  await expect(page.getByRole("heading", { name: "Not begun" })).toBeVisible();
}

const MOST_TAPS = { outlet: 6, room: 12 };

/** Rooms with how many of their usual outlets are there; the others are struck out. */
const HOUSE: [string, string[], number][] = [
  ["Kitchen", [], 11],
  ["Bathroom", ["Bathtub"], 2],
  ["Bedroom", [], 4],
  ["Bedroom", [], 4],
  ["Living room", [], 5],
  ["Laundry area", [], 3],
  ["Garage", [], 4],
  ["Dining room", [], 4],
  ["Outdoors", [], 2],
  ["Hallway", [], 1],
];

test("forty outlets go in by taps alone", async ({ page }) => {
  test.setTimeout(180_000);
  await begin(page);
  const taps = await counter(page);
  let outlets = 0;
  let most = { outlet: 0, room: 0 };
  for (const [i, [kind, water, there]] of HOUSE.entries()) {
    await page.getByRole("button", { name: i === 0 ? "The first room" : "+ Room", exact: true }).tap();
    await page.getByRole("button", { name: kind, exact: true }).tap();
    const add = page.getByRole("button", { name: /^Add the / });
    const card = page.getByRole("region", { name: /by taps$/ });
    await expect(add.or(card)).toBeVisible();
    if ((await add.count()) > 0) {
      for (const one of water) await page.getByRole("button", { name: one, exact: true }).tap();
      await add.tap();
    }
    await expect(card).toBeVisible();
    most = { ...most, room: Math.max(most.room, taps()) };
    for (let n = 0; n < there; n++) {
      const code = (await card.getAttribute("aria-label"))?.split(" ")[0] ?? "";
      // One that is as the one before takes one tap; here a third of them are another.
      if (outlets % 3 === 0) {
        // What is hard-wired has neither rating nor device.
        const said = [outlets % 2 === 0 ? "20 A" : "15 A", outlets % 2 === 0 ? "GFCI" : "Plain"];
        for (const one of said.map((name) => card.getByRole("button", { name, exact: true })))
          if ((await one.count()) > 0) await one.tap();
        const farther = card.getByRole("button", { name: "Farther by half a foot" });
        if ((await farther.count()) > 0) await farther.tap();
      }
      await card.getByRole("button", { name: /^Right/ }).tap();
      await expect(page.getByRole("button", { name: new RegExp(`^${code} `) }).first()).toBeVisible();
      outlets += 1;
      most = { ...most, outlet: Math.max(most.outlet, taps()) };
    }
    while ((await card.count()) > 0) {
      const label = await card.getAttribute("aria-label");
      const left = await page.getByRole("button", { name: /not confirmed/ }).count();
      await card.getByRole("button", { name: "Not there" }).tap();
      await expect
        .poll(() => page.getByRole("button", { name: /not confirmed/ }).count(), String(label))
        .toBeLessThan(left);
      most = { ...most, outlet: Math.max(most.outlet, taps()) };
    }
  }
  expect(outlets).toBe(40);
  expect(most.outlet).toBeLessThanOrEqual(MOST_TAPS.outlet);
  expect(most.room).toBeLessThanOrEqual(MOST_TAPS.room);
  await page.reload();
  await expect(page.getByRole("button", { name: /^[A-Z]\d+-\d\d / })).toHaveCount(40);
  await expectAccessible(page);
});

test("what is usual is placed by dragging it along the ruler, and one more goes in by what it is for", async ({
  page,
}) => {
  await begin(page);
  await page.getByRole("button", { name: "The first room" }).tap();
  await page.getByRole("button", { name: "Kitchen", exact: true }).tap();
  await page.getByRole("button", { name: "Add the kitchen" }).tap();
  const card = page.getByRole("region", { name: "K1-01 by taps" });
  await expect(card).toContainText("2′ from the sink");
  await expectAccessible(page);
  const ghost = page.getByRole("button", { name: /^Countertop, usual here/, pressed: true });
  const box = await ghost.boundingBox();
  if (!box) throw new Error("The one in hand is not drawn");
  await page.mouse.move(box.x + 22, box.y + 26);
  await page.mouse.down();
  for (let dx = 10; dx <= 80; dx += 10) await page.mouse.move(box.x + 22 + dx, box.y + 26);
  await page.mouse.up();
  await expect(card).not.toContainText("2′ from the sink");
  await expect(card).toContainText(/[3-9]′(6″)? from the sink/);
  await card.getByRole("button", { name: /^Right/ }).tap();
  await expect(page.getByRole("button", { name: /^K1-01 / })).toBeVisible();

  await page.getByRole("button", { name: "Room K1 Kitchen" }).tap();
  await page.getByRole("menuitem", { name: "+ Outlet" }).tap();
  await page.getByRole("button", { name: "Bath fan", exact: true }).tap();
  await page.getByRole("region", { name: "K1-02 by taps" }).getByRole("button", { name: "Right: done" }).tap();
  await page.getByRole("button", { name: /^K1-02 Bath fan/ }).tap();
  // What went without saying is said to be taken for granted.
  await expect(page.getByText("Taken as hard-wired: a bath fan rarely has a cord.")).toBeVisible();
  await page.getByRole("button", { name: "+ Kettle" }).tap();
  await expect(page.getByRole("list", { name: "Plugged in" })).toContainText("Kettle 1500 W");
});

test("a breaker goes in by taps, and an outlet on it takes its ratings", async ({ page }) => {
  await begin(page);
  await page.getByRole("button", { name: "The first room" }).tap();
  await page.getByRole("button", { name: "Laundry area", exact: true }).tap();
  await page.getByRole("button", { name: "Add the laundry area" }).tap();
  const card = page.getByRole("region", { name: /by taps$/ });
  await card.getByRole("button", { name: /^Right/ }).tap();
  await expect(page.getByRole("region", { name: "L1-02 by taps" })).toContainText("Dryer");
  await card.getByRole("button", { name: /^Right/ }).tap();
  await expect(page.getByRole("button", { name: /^L1-02 / })).toBeVisible();
  await page.getByRole("button", { name: /^Breakers: / }).tap();
  await page.getByRole("button", { name: "+ Breaker" }).tap();
  await page.getByRole("button", { name: "30 A" }).tap();
  await page.getByRole("button", { name: "Two, 240 V" }).tap();
  await page.getByRole("button", { name: "Slot 1", exact: true }).tap();
  await page.getByRole("button", { name: "Dryer", exact: true }).tap();
  await page.getByRole("button", { name: "Add breaker 1/3" }).tap();
  await expect(page.getByRole("listitem").filter({ hasText: "1/3" })).toContainText("Dryer 30 A");
  await expect(page.getByRole("button", { name: "Slot 1", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Close" }).tap();
  await page.getByRole("button", { name: /^L1-02 / }).tap();
  await page.getByRole("button", { name: /^Breaker it is taken to be on/ }).tap();
  await page.getByRole("menuitemradio", { name: "1/3 Dryer, 30 A" }).tap();
  await expect(page.getByText("Taken as 250 V, by breaker 1/3.")).toBeVisible();
});
