import { expect, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, mark, openDemoHouse } from "./house";

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
  expect(boxes).toHaveLength(51);
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
  await expect(sheet.getByText("12 circuits live")).toBeVisible();
  await expectAccessible(page);
  await choose(page, "Device", "GFCI");
  await expect(sheet.getByText("GFCI met")).toBeVisible();
  await sheet.getByRole("button", { name: "Next" }).tap();
  await expect(page.getByRole("dialog", { name: "W1-05 Press and binder" })).toBeVisible();
  for (const name of ["Before", "Rooms", "Next"]) {
    const box = await page.getByRole("dialog").getByRole("button", { name }).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(48);
  }
  await page.getByRole("dialog").getByRole("button", { name: "Rooms" }).tap();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expectSaved(page, 1);
});
