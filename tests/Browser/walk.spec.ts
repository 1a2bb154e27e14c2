import { expect, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, mark, openDemoHouse, panel, toFound } from "./house";

test.beforeEach(async ({ page }) => openDemoHouse(page));

test("an outlet is moved on the walk by tap and by key, and undo moves it back", async ({ page }) => {
  await mark(page, "E1-02").click();
  await expect(panel(page).getByText("On the walk: 2 of 3")).toBeVisible();
  await panel(page).getByRole("button", { name: "Earlier" }).click();
  await expect(panel(page).getByText("On the walk: 1 of 3")).toBeVisible();
  await expect(panel(page).getByRole("button", { name: "Earlier" })).toBeDisabled();
  await expectSaved(page, 1);
  const left = async (code: string) => (await mark(page, code).boundingBox())?.x ?? 0;
  expect(await left("E1-02")).toBeLessThan(await left("E1-01"));
  await mark(page, "E1-02").press("Shift+ArrowRight");
  await expect(panel(page).getByText("On the walk: 2 of 3")).toBeVisible();
  await expectSaved(page, 2);
  expect(await left("E1-02")).toBeGreaterThan(await left("E1-01"));
});

test("a room is moved from its menu and by key", async ({ page }) => {
  const top = async (name: string) => (await page.getByRole("heading", { name, exact: true }).boundingBox())?.y ?? 0;
  await page.getByRole("button", { name: /^Room P1 / }).click();
  await page.getByRole("menuitem", { name: "Earlier on the walk" }).click();
  await expectSaved(page, 1);
  expect(await top("Pantry bar")).toBeLessThan(await top("Kitchen"));
  await mark(page, "P1-01").click();
  await mark(page, "P1-01").press("Shift+ArrowDown");
  await expectSaved(page, 2);
  expect(await top("Pantry bar")).toBeGreaterThan(await top("Kitchen"));
});

test("an outlet and a room are taken out without a question, and undo brings them back", async ({ page }) => {
  await mark(page, "K1-02").click();
  await panel(page).getByRole("button", { name: "Take it out" }).click();
  await expectSaved(page, 1);
  await expect(mark(page, "K1-02")).toHaveCount(0);
  await page.getByRole("button", { name: /^Room U1 / }).click();
  await page.getByRole("menuitem", { name: "Take it out, with its 3 outlets" }).click();
  await expect(page.getByRole("heading", { name: "Laundry" })).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(mark(page, "K1-02")).toBeVisible();
  await expect(mark(page, "U1-03")).toBeVisible();
});

test("under a metric edition rulers and distances are in metres", async ({ page }) => {
  await choose(page, "Edition it is judged by", "CEC 2021");
  await expect(page.getByRole("img", { name: /^Scale: metres/ })).toBeVisible();
  await mark(page, "K1-01").click();
  const distance = panel(page).getByRole("textbox", { name: "Distance to the sink K1", exact: true });
  await expect(distance).toHaveValue("0.76 m");
  await distance.fill("1.4");
  await distance.press("Enter");
  await expectSaved(page, 2);
  await expect(panel(page).getByText("It is 1.4 m from water, measured along the path of a cord.")).toBeVisible();
});

test("an inspector's item stays open until it is closed with evidence", async ({ page }) => {
  await toFound(page);
  const items = page.getByRole("region", { name: "To be closed with evidence" });
  await items.getByLabel("What is to be done").fill("Cover missing by the workbench");
  await items.getByLabel("Who asks for it").fill("inspection, item 4");
  await choose(page, "Outlet it is about", "W1-04 Bench, right end");
  await items.getByRole("button", { name: "Add" }).click();
  await expectSaved(page, 1);
  const item = items.getByRole("listitem").filter({ hasText: "Cover missing" });
  await expect(item).toContainText("Open");
  await expect(item).toContainText("entered by Rosa");
  await item.getByRole("button", { name: "Close it" }).click();
  await expect(item.getByRole("button", { name: "Closed" })).toBeDisabled();
  await item.getByLabel("What shows that it is done").fill("In-use hood fitted, photograph 12");
  await expectAccessible(page);
  await item.getByRole("button", { name: "Closed" }).click();
  await expectSaved(page, 2);
  await expect(item).toContainText("In-use hood fitted, photograph 12");
  await item.getByRole("button", { name: "W1-04" }).click();
  await expect(panel(page).getByRole("heading", { level: 2 })).toContainText(/\w/);
});
