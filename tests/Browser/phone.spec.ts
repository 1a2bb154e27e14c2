import { expect, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, goTo, mark, openDemoHouse } from "./house";

test.beforeEach(async ({ page }) => openDemoHouse(page));

test("the drawing fits the phone and marks do not overlap", async ({ page }) => {
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
  const boxes = await page.getByRole("button", { name: /^[A-Z]\d-\d\d / }).evaluateAll((marks) =>
    marks.map((element) => {
      const { left, right, top, bottom } = element.getBoundingClientRect();
      return { left, right, top, bottom };
    }),
  );
  expect(boxes).toHaveLength(54);
  for (const [i, box] of boxes.entries()) {
    expect(box.left).toBeGreaterThanOrEqual(0);
    expect(box.right).toBeLessThanOrEqual(390);
    const over = boxes.filter(
      (o, j) => j > i && o.left < box.right && box.left < o.right && o.top < box.bottom && box.top < o.bottom,
    );
    expect(over).toEqual([]);
  }
  await expectAccessible(page);
});

test("one outlet takes the screen, the next is under the thumb", async ({ page }) => {
  await mark(page, "W1-04").tap();
  const sheet = page.getByRole("dialog", { name: "W1-04 Bench, right end" });
  await expect(sheet.getByText("GFCI missing")).toBeVisible();
  await expect(sheet.getByRole("button", { name: "Breakers: none off, 14 live" })).toBeVisible();
  await expectAccessible(page);
  await choose(page, "Device", "GFCI");
  await expect(sheet.getByText("GFCI met")).toBeVisible();
  await sheet.getByRole("button", { name: "Next" }).tap();
  await expect(page.getByRole("dialog", { name: "W1-05 Press and binder" })).toBeVisible();
  for (const name of ["Before", "Close", "Next"]) {
    const box = await page.getByRole("dialog").getByRole("button", { name }).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(48);
  }
  await page.getByRole("dialog").getByRole("button", { name: "Close" }).tap();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expectSaved(page, 1);
});

test("the trace asks one question at a time, with every target under the thumb", async ({ page }) => {
  await goTo(page, "Trace");
  await expect(page.getByRole("region", { name: "Next step" })).toBeVisible();
  await page.getByRole("button", { name: "TEST pressed" }).tap();
  const walk = page.getByRole("region", { name: "What was seen" });
  await walk.getByRole("button", { name: /^K1-01 / }).tap();
  await expect(walk.getByRole("heading", { name: "Tap what is dead before TEST" })).toBeVisible();
  await walk.getByRole("button", { name: "Nothing is dead: TEST pressed" }).tap();
  await expect(page.getByRole("region", { name: "Next step" })).toHaveCount(0);
  for (const button of await walk.getByRole("button").all()) {
    expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(48);
  }
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
  await expectAccessible(page);
  await walk.getByRole("button", { name: /^K1-02 / }).tap();
  await walk.getByRole("button", { name: /^K1-03 / }).tap();
  await walk.getByRole("button", { name: /RESET$/ }).tap();
  await walk.getByRole("button", { name: "All back" }).tap();
  await expect(page.getByText("TEST at K1-01 killed K1-02 and K1-03")).toBeVisible();
  await page.getByRole("button", { name: "The runs" }).tap();
  await expect(mark(page, "K1-03")).toBeVisible();
});

test("a point is made safe on the phone, and a breaker turned on ends it", async ({ page }) => {
  await mark(page, "W1-02").tap();
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: "Box", exact: true }).tap();
  // Off before anybody saw it live: 0 V would prove nothing, and the readings are not even asked for.
  await sheet.getByRole("button", { name: "I turned 7 Workshop off" }).tap();
  await expect(sheet.getByText(/Nothing is filed that shows W1-02 live before 7 Workshop went off/)).toBeVisible();
  await expect(sheet.getByLabel("Volts, A known live point", { exact: true })).toHaveCount(0);
  await sheet.getByRole("button", { name: "I turned 7 Workshop on again, to read W1-02 live" }).tap();
  await sheet.getByLabel("Volts, top half, with the breaker on").fill("120.9");
  await sheet.getByRole("button", { name: "File it" }).tap();
  await expect(sheet.getByText(/^120.9 V by Rosa/)).toBeVisible();
  await sheet.getByRole("button", { name: "I turned 7 Workshop off" }).tap();
  await sheet.getByRole("button", { name: "Locked", exact: true }).tap();
  await expect(sheet.getByText(/7 Workshop is off, locked, key with Rosa/)).toBeVisible();
  await sheet.getByLabel("Volts, A known live point", { exact: true }).fill("121");
  await sheet.getByLabel("Volts, top half, hot to neutral").fill("62");
  await sheet.getByRole("button", { name: "The rest read 0" }).tap();
  await sheet.getByLabel("Volts, The known live point again").fill("121");
  await sheet.getByRole("button", { name: "File these readings" }).tap();
  await expect(sheet.getByRole("alert")).toContainText("62 V at W1-02, top half, hot to neutral: not below 5 V");
  // What was typed stands: only what was wrong is read again.
  await expect(sheet.getByLabel("Volts, bottom half, hot to ground")).toHaveValue("0");
  await sheet.getByLabel("Volts, top half, hot to neutral").fill("0.3");
  await sheet.getByRole("button", { name: "File these readings" }).tap();
  await expect(sheet.getByText(/^Proved dead at W1-02 by Rosa/)).toBeVisible();
  await expectAccessible(page);
  await sheet.getByRole("button", { name: /^Breakers: 1 off/ }).tap();
  const breakers = page.getByRole("dialog", { name: "Breakers" });
  await expect(breakers).toContainText("Turning it on ends this proof.");
  await breakers.getByRole("button", { name: "7 Workshop: I turned it on" }).tap();
  await breakers.getByRole("button", { name: "Close" }).tap();
  await expect(sheet.getByText(/Breaker 7 Workshop is on: treat W1-02 as live/)).toBeVisible();
});

test("on a phone the page itself does not scroll: the strip to the jobs stays at the foot", async ({ page }) => {
  await goTo(page, "Decide");
  await expect(page.getByRole("region", { name: "What each protects" })).toBeAttached();
  await expect(page.getByRole("region", { name: "At the panel", exact: true })).toContainText("leaves 14 bare");
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBe(844);
});
