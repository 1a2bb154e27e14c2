import { expect, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, mark, openDemoHouse } from "./house";

test.beforeEach(async ({ page }) => openDemoHouse(page));

test("the drawing fits the phone and marks do not overlap", async ({ page }) => {
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
  const boxes = await Promise.all(
    ["K1-06", "K1-01", "K1-02", "K1-07", "K1-03", "K1-08", "K1-04", "K1-05"].map((code) =>
      mark(page, code).boundingBox(),
    ),
  );
  for (const [i, box] of boxes.entries()) {
    const next = boxes[i + 1];
    expect(box?.x ?? -1).toBeGreaterThanOrEqual(0);
    expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(390);
    if (box && next) expect(next.x).toBeGreaterThanOrEqual(box.x + box.width - 1);
  }
  await expectAccessible(page);
});

test("one outlet takes the screen, the next is under the thumb", async ({ page }) => {
  await mark(page, "W1-04").tap();
  const sheet = page.getByRole("dialog", { name: "W1-04 Bench, right end" });
  await expect(sheet.getByText("GFCI missing")).toBeVisible();
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
