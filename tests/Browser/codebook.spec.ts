import { expect, type Page, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, goTo, mark, openDemoHouse, panel, toFound } from "./house";

async function enter(page: Page, line: string, change: number): Promise<void> {
  const entry = page.getByRole("textbox", { name: "Quick entry" });
  await entry.fill(line);
  await entry.press("Enter");
  await expectSaved(page, change);
}

test("what was taken for granted is recorded by one tap, and counted", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "W1-02").click();
  const granted = panel(page).getByRole("region", { name: "Taken for granted" });
  await expect(granted.getByText("Taken as grounded.")).toBeVisible();
  await expect(panel(page).getByText("Weather-resistant asked, not recorded")).toHaveCount(0);
  await granted.getByRole("button", { name: "Taken as dry. Record: Damp" }).click();
  await expect(panel(page).getByText("Weather-resistant asked, not recorded")).toBeVisible();
  await expect(granted.getByText("Taken as dry.")).toHaveCount(0);
  await expectSaved(page, 1);
  await granted.getByRole("button", { name: "Taken as grounded. Record: No ground" }).click();
  await expect(panel(page).getByText("W1-02 has no ground and wants the label")).toBeVisible();
  await choose(page, "Ground", "Not recorded");
  await expect(granted.getByText("Taken as grounded.")).toBeVisible();
  await expectSaved(page, 3);
  await expectAccessible(page);
  await toFound(page);
  const all = page.getByRole("region", { name: "Taken for granted" }).first();
  await expect(all.getByRole("heading", { name: /^Taken for granted \d+$/ })).toBeVisible();
});

test("one device is replaced and its neighbours stay as they were", async ({ page }) => {
  await openDemoHouse(page);
  await choose(page, "Kind of work", "Existing, nothing touched");
  await page.getByRole("button", { name: "AFCI", exact: true }).click();
  await mark(page, "R1-02").click();
  await choose(page, "Kind of work here", "Replacement");
  await expect(mark(page, "R1-02")).toHaveAccessibleName(/AFCI missing/);
  await expect(mark(page, "R1-01")).toHaveAccessibleName(/AFCI advised/);
  await expect(panel(page).getByText("Receptacle, 15 A, 125 V; replacement")).toBeVisible();
  await expectSaved(page, 2);
});

test("the permit's date is asked for where a deferral turns on it", async ({ page }) => {
  await openDemoHouse(page);
  await expect(page.getByLabel("Permit of")).toHaveCount(0);
  await enter(page, 'Y1 hw hvac "Condenser"', 1);
  await mark(page, "Y1-03").click();
  await expect(
    panel(page).getByText("deferred to 2026-09-01, and the permit is dated 2026-03-02: not asked.").first(),
  ).toBeVisible();
  await expect(mark(page, "Y1-03")).toHaveAccessibleName(/GFCI not asked/);
  await expect(panel(page).getByText("If the permit were dated 2026-09-01 or later.")).toBeVisible();
  await expect(panel(page).getByText(/countertop/i)).toHaveCount(0);
  const permit = panel(page).getByLabel("Permit of");
  await permit.fill("2026-10-05");
  await permit.press("Enter");
  await expect(panel(page).getByText("the permit is dated 2026-10-05: asked.").first()).toBeVisible();
  await expectSaved(page, 2);
});

test("the space round a shower is computed from distance and height, and the height asked for", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "B1-02").click();
  const far = page.getByLabel("Distance to the shower B1", { exact: true });
  await far.fill("2'6");
  await far.press("Enter");
  await expect(panel(page).getByText("How high it is is not recorded")).toBeVisible();
  const height = panel(page).getByLabel("Height above the floor");
  await height.fill("3'9");
  await height.press("Enter");
  await expect(
    panel(page).getByText("none stands within 3 ft of it, from the floor up to 8 ft above the rim"),
  ).toBeVisible();
  await expect(panel(page).getByText("NEC 2023 406.9(C)")).toBeVisible();
  await expectSaved(page, 2);
});

test("the code book opens to its data and to the outlets of the house", async ({ page }) => {
  await openDemoHouse(page);
  await page.getByRole("button", { name: "More about this house" }).click();
  await page.getByRole("menuitem", { name: "The code book" }).click();
  await page.getByRole("button", { name: /Whoever works in a crawl space/ }).click();
  await expect(page.getByText("Places: crawl spaces at or below grade").first()).toBeVisible();
  await expect(page.getByText("Read 2026-11-25, first reading")).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("link", { name: "C1-02", exact: true }).click();
  await expect(panel(page).getByRole("heading", { name: "Sump pump" })).toBeVisible();
});

test("an amendment shows what it would change before it is kept", async ({ page }) => {
  await openDemoHouse(page);
  await page.goto("/jurisdictions");
  await page.getByRole("button", { name: "An amendment" }).click();
  await choose(page, "In", "Bedroom");
  await expect(page.getByText("Changes 5 there:")).toBeVisible();
  await expect(page.getByText("E1-01 GFCI: not asked becomes missing")).toBeVisible();
  await choose(page, "It", "Waives a requirement");
  await expect(page.getByText(/^Changes [12] there:/)).toBeVisible();
  await page.getByRole("textbox", { name: "Clause" }).fill("210.8(Z)");
  await expect(page.getByText("It matches no rule of this edition: it changes nothing.")).toBeVisible();
  await choose(
    page,
    "The rule it is about, in every edition",
    "210.8(A)(9), 210.8(A)(10): A cord from here reaches the tub or shower.",
  );
  await expect(page.getByText("It matches no rule")).toHaveCount(0);
  await expectAccessible(page);
});

test("a two-pole breaker on a shared neutral is one line of entry, and drawn as such", async ({ page }) => {
  await openDemoHouse(page);
  await enter(page, "#17/19 20 gfci 2p", 1);
  await goTo(page, "Trace");
  await page.getByRole("button", { name: "Open every run" }).click();
  await expect(page.getByText("one two-pole breaker with 19, neutral shared")).toBeVisible();
  await expect(page.getByText("one pole on a neutral shared with 16")).toBeVisible();
});
