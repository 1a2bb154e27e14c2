import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { DEMO_FILE, expectAccessible, expectSaved, goTo, mark, openDemoHouse, proveDead } from "./house";
import { SESSION } from "./session";

/** The demo house with nothing known of its left kitchen circuit, and without the one outlet nobody has traced. */
async function openUntraced(page: Page): Promise<void> {
  const house = JSON.parse(readFileSync(DEMO_FILE, "utf8")) as {
    cables: { id: string }[];
    points: { id: string }[];
  };
  house.cables = house.cables.filter((cable) => !["w1", "w2", "w3"].includes(cable.id));
  house.points = house.points.filter((point) => point.id !== "n3");
  await page.goto("/houses");
  await page
    .getByLabel("Or take it from a house file")
    .setInputFiles({ name: "kitchen.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(house)) });
  await expect(page.getByRole("heading", { name: "Rooms" })).toBeVisible();
  await goTo(page, "Trace");
}

const next = (page: Page) => page.getByRole("region", { name: "Next step" });
const walk = (page: Page) => page.getByRole("region", { name: "What was seen" });

async function tap(page: Page, ...codes: string[]): Promise<void> {
  for (const code of codes)
    await walk(page)
      .getByRole("button", { name: new RegExp(`^${code} `) })
      .click();
}

test("the kitchen circuit is traced from nothing to certain, a contradiction withdrawn on the way", async ({
  page,
}) => {
  await openUntraced(page);
  // The breaker whose label fits comes first; it is the wrong one.
  await expect(next(page)).toContainText("Turn off breaker 6 Kitchen right");
  await next(page).getByRole("button", { name: "It is off" }).click();
  await walk(page).getByRole("button", { name: "The other 3 stayed live" }).click();
  await expectSaved(page, 2);
  await page.getByRole("button", { name: "I turned it on again" }).click();

  await expect(next(page)).toContainText("Turn off breaker 5 Kitchen left");
  await next(page).getByRole("button", { name: "It is off" }).click();
  await tap(page, "K1-01", "K1-02");
  // One is passed over: it did go dead.
  await walk(page).getByRole("button", { name: "The other one stayed live" }).click();
  await page.getByRole("button", { name: "I turned it on again" }).click();
  await page.getByRole("button", { name: "TEST pressed" }).click();
  await tap(page, "K1-01");
  await walk(page).getByRole("button", { name: "Nothing is dead: TEST pressed" }).click();
  await tap(page, "K1-02", "K1-03");
  await walk(page).getByRole("button", { name: "Nothing else is left: RESET" }).click();
  await walk(page).getByRole("button", { name: "All back" }).click();

  const conflict = page.getByRole("region", { name: "Facts that contradict" });
  await expect(conflict.getByRole("listitem")).toHaveCount(2);
  await expect(next(page)).toHaveCount(0);
  await expectAccessible(page);
  const wrong = conflict.getByRole("listitem").filter({ hasText: "K1-03 stayed live" });
  await wrong.getByRole("button", { name: "Withdraw this one" }).click();
  await expect(conflict).toHaveCount(0);

  await expect(next(page)).toContainText("Turn off breaker 5 Kitchen left");
  await next(page).getByRole("button", { name: "It is off" }).click();
  await tap(page, "K1-01", "K1-02", "K1-03");
  await walk(page).getByRole("button", { name: "Nothing else is left" }).click();

  // A box is opened only when its point is proved dead.
  await expect(next(page)).toContainText(/Open the box of K1-0[23]/);
  const open = next(page).getByRole("button", { name: "Open it" });
  await expect(open).toBeDisabled();
  await expect(next(page)).toContainText("is not proved dead");
  await next(page).getByRole("button", { name: "Make it safe" }).click();
  await proveDead(page);
  await expect(page.getByText(/^Proved dead at K1-0[23] by Rosa/)).toBeVisible();
  const breakers = page.getByRole("region", { name: "Live or dead" });
  await expect(breakers).toContainText(/dead at K1-0[23]/);
  await page.getByRole("button", { name: "Trace", exact: true }).click();
  await expect(open).toBeEnabled();
  const title = (await next(page).getByRole("heading").textContent()) ?? "";
  await open.click();
  await walk(page)
    .getByRole("button", { name: title.includes("K1-02") ? "2 pairs" : "1 pair" })
    .click();

  await expect(page.getByRole("heading", { name: "Every run is certain" })).toBeVisible();
  const keep = page.getByRole("region", { name: "Certain runs" });
  await expect(keep.getByRole("listitem")).toHaveText([
    "breaker 5 Kitchen left to K1-01",
    "K1-01 to K1-02, on LOAD",
    "K1-02 to K1-03",
  ]);
  await keep.getByRole("button", { name: "Write these 3 into the house" }).click();
  await expect(mark(page, "K1-03")).toHaveAccessibleName(/GFCI met/);
  await expect(keep).toHaveCount(0);
});

test("an answer shows the next step at once, and a walk outlives a reload", async ({ page }) => {
  await openUntraced(page);
  await next(page).getByRole("button", { name: "It is off" }).click();
  await tap(page, "K1-02");
  await page.reload();
  await expect(walk(page).getByRole("button", { name: /^K1-02 / })).toHaveAttribute("aria-pressed", "true");
  await expect(walk(page)).toContainText("1 dead, 2 not tapped");
  // Tapping in the drawing is the same as tapping in the list.
  await page
    .getByRole("main")
    .getByRole("button", { name: /^K1-02 / })
    .click();
  await expect(walk(page)).toContainText("0 dead, 3 not tapped");
});

test("two browsers find a breaker together", async ({ page, browser }) => {
  await openUntraced(page);
  await mark(page, "K1-02").click();
  await page.getByRole("button", { name: "Box", exact: true }).click();
  await page.getByRole("button", { name: "A light is lit in it: find its breaker" }).click();
  const outlet = page.getByRole("region", { name: "Looking for a breaker" });
  await expect(outlet).toContainText("Which breaker is K1-02 on?");

  const other = await browser.newContext({ storageState: SESSION });
  const phone = await other.newPage();
  await phone.goto(page.url());
  const panel = phone.getByRole("region", { name: "Looking for a breaker" });
  await panel.getByRole("button", { name: "I am at the panel" }).click();
  await outlet.getByRole("button", { name: "I am at the outlet" }).click();
  for (let turn = 0; turn < 8; turn++) {
    await expect(panel.getByRole("button", { name: /^(Done|I have turned them)$/ })).toBeVisible();
    if (await panel.getByText("K1-02 is on").isVisible()) break;
    const asked = (await panel.textContent()) ?? "";
    await panel.getByRole("button", { name: "I have turned them" }).click();
    const out = /Turn off[^.]*\b5 Kitchen left/.test(asked);
    await outlet.getByRole("button", { name: out ? "The light is out" : "The light is still lit" }).click();
    await expect(outlet.getByRole("button", { name: "The light is out" })).toHaveCount(0);
  }
  await expect(panel).toContainText("K1-02 is on 5 Kitchen left. It is off");
  await expect(outlet).toContainText("K1-02 is on 5 Kitchen left. It is off");
  await expect(page.getByRole("region", { name: "Live or dead" })).toContainText("5 Kitchen left");

  // Proved dead here; turned on there: the proof is gone here within a moment.
  await proveDead(page);
  await expect(page.getByText(/^Proved dead at K1-02 by Rosa/)).toBeVisible();
  await panel.getByRole("button", { name: "Done", exact: true }).click();
  await phone.getByRole("button", { name: /^Breakers: / }).click();
  await phone.getByRole("button", { name: "5 Kitchen left: I turned it on" }).click();
  await expect(page.getByText(/Breaker 5 Kitchen left is on: treat K1-02 as live/)).toBeVisible({ timeout: 3000 });
  await other.close();
});

test("the runs show every outlet once, and what is selected there is selected in the rooms", async ({ page }) => {
  await openDemoHouse(page);
  await goTo(page, "Trace");
  const marks = page.getByRole("main").locator("[id^=mark-]");
  await expect(marks).toHaveCount(54);
  // Nothing opened, the whole house of fourteen circuits is in sight.
  for (const mark of await marks.all()) await expect(mark).toBeInViewport({ ratio: 1 });
  await expectAccessible(page);
  await mark(page, "W1-04").click();
  await expect(page.getByRole("complementary", { name: "The selected outlet" })).toContainText("W1-04");
  await goTo(page, "Survey");
  await expect(mark(page, "W1-04")).toHaveAttribute("aria-pressed", "true");
  await goTo(page, "Trace");
  await page.getByRole("button", { name: "Open every run" }).click();
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as SVG" }).click();
  const svg = readFileSync(await (await saved).path(), "utf8");
  expect(svg).toContain("spliced past");
  expect(svg).toContain("Wash and bath");
  expect(svg).not.toContain("var(--");
});

test("a box shows what a pair on LOAD would protect, and is landed, checked and photographed", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "W1-02").click();
  await page.getByRole("button", { name: "Box", exact: true }).click();
  const past = page.getByRole("region", { name: "Goes on" }).filter({ hasText: "TO W1-04, W1-05, W1-06" });
  await past.getByRole("button", { name: "LOAD" }).click();
  await expect(past).toContainText("On LOAD: W1-04, W1-05, W1-06 become protected.");
  await expect(past.getByRole("button", { name: "Land it on LOAD" })).toBeDisabled();
  await expect(past).toContainText("Breaker 7 Workshop is on: treat W1-02 as live.");
  await past.getByRole("button", { name: "It sits there already" }).click();
  await expectSaved(page, 1);
  await expect(mark(page, "W1-05")).toHaveAccessibleName(/GFCI met/);

  const checks = page.getByRole("region", { name: "Before it is closed" });
  const torque = checks.getByRole("button", { name: /Screws at their torque/ });
  await torque.click();
  await expect(torque).toContainText("right");
  await torque.click();
  await expect(torque).toContainText("wrong");
  await expectAccessible(page);

  const photos = page.getByRole("region", { name: "As found" });
  const pixel = Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==",
    "base64",
  );
  await photos.getByLabel("Photograph it").setInputFiles({ name: "box.png", mimeType: "image/png", buffer: pixel });
  await expect(photos.getByRole("img")).toHaveCount(1);
  await photos
    .getByLabel("Photograph it")
    .setInputFiles({ name: "box.png", mimeType: "image/png", buffer: Buffer.from("not a picture") });
  await expect(photos.getByRole("alert")).toHaveText("That is not a picture.");

  await page.getByRole("button", { name: "Old back to new back" }).click();
  const backs = page.getByRole("dialog");
  // Of nothing is it said that it changes ends before both backs were read.
  await backs
    .getByRole("group", { name: /^Old device/ })
    .getByRole("button", { name: "At the top" })
    .click();
  await expect(backs.getByRole("button", { name: "Turn it over" })).toBeVisible();
  await expect(backs.getByText("It changes ends.")).toHaveCount(0);
  await backs
    .getByRole("group", { name: /^New device/ })
    .getByRole("button", { name: "At the bottom" })
    .click();
  await expect(backs.getByText("It changes ends.").first()).toBeVisible();
  await expectAccessible(page);
});
