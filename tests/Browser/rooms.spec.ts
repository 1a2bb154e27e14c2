import { expect, test } from "@playwright/test";
import { choose, expectAccessible, expectSaved, mark, openDemoHouse, panel } from "./house";
import { SESSION } from "./session";

test.beforeEach(async ({ page }) => openDemoHouse(page));

test("every room is a ruler, every outlet on it with its verdict", async ({ page }) => {
  for (const room of ["Kitchen", "Pantry bar", "Workshop", "Upper bath", "Living room", "Study"]) {
    await expect(page.getByRole("region", { name: room, exact: true })).toBeVisible();
  }
  await expect(page.getByRole("button", { name: /^[A-Z]\d-\d\d .*: GFCI/ })).toHaveCount(54);
  await expect(mark(page, "W1-04")).toHaveAccessibleName("W1-04 Bench, right end: GFCI missing");
  await expect(mark(page, "K1-02")).toHaveAccessibleName("K1-02 Bread corner: GFCI met");
  await expect(mark(page, "P1-01")).toHaveAccessibleName(/GFCI missing, something found/);
  await expect(page.getByText("14 circuits live")).toBeVisible();
});

test("outlets stand at their distance: nearer to the water is further left", async ({ page }) => {
  const x = async (code: string) => (await mark(page, code).boundingBox())?.x ?? Number.NaN;
  expect(await x("U1-01")).toBeLessThan(await x("U1-02"));
  expect(await x("U1-02")).toBeLessThan(await x("U1-03"));
  const perFoot = ((await x("U1-03")) - (await x("U1-01"))) / 2.75;
  expect(((await x("P1-02")) - (await x("P1-01"))) / 2.75).toBeCloseTo(perFoot, 0);
});

test("AFCI is drawn by the same shapes, by the duty of the circuit", async ({ page }) => {
  await page.getByRole("button", { name: "AFCI", exact: true }).click();
  await expect(mark(page, "E1-01")).toHaveAccessibleName(/AFCI missing/);
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/AFCI not asked/);
  await mark(page, "E1-01").click();
  await expect(panel(page).getByText("NEC 2023 210.12(B).")).toBeVisible();
  await expect(panel(page).getByText("Tamper-resistant asked, not recorded")).toBeVisible();
  await panel(page).getByRole("button", { name: "It is", exact: true }).click();
  await expect(panel(page).getByText("Tamper-resistant met")).toBeVisible();
});

test("an outlet says what is asked, why, by which clause, and what would change it", async ({ page }) => {
  await mark(page, "W1-04").click();
  const said = panel(page);
  await expect(said.getByRole("heading", { name: "Bench, right end" })).toBeVisible();
  await expect(said.getByRole("button", { name: "Breaker 7 Workshop: what feeds it" })).toBeVisible();
  await expect(said.getByText("NEC 2023 210.8(A)(2).")).toBeVisible();
  await expect(said.getByText("NEC 2023 406.4(D)(3).")).toBeVisible();
  await expect(said.getByText("Nothing protects it now").first()).toBeVisible();
  await expect(said.getByText("Land the cable to W1-04 on LOAD of W1-02.")).toBeVisible();
  await mark(page, "P1-01").click();
  await expect(said.getByText("The feed of P1-01 is on LOAD")).toBeVisible();
  await mark(page, "K1-02").click();
  await expect(said.getByText("Protected by K1-01")).toBeVisible();
});

test("a change is judged at once, saved, there after a reload, undone and redone", async ({ page }) => {
  await mark(page, "W1-04").click();
  await choose(page, "Device", "GFCI");
  await expect(mark(page, "W1-04")).toHaveAccessibleName("W1-04 Bench, right end: GFCI met");
  await expect(panel(page).getByText("GFCI met")).toBeVisible();
  await expectSaved(page, 1);
  await page.reload();
  await expect(panel(page).getByRole("heading", { name: "Bench, right end" })).toBeVisible();
  await expect(panel(page).getByText("GFCI met")).toBeVisible();
  await page.getByRole("button", { name: "Undo: W1-04: device Standard to GFCI" }).click();
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
  await expectSaved(page, 2);
  await page.keyboard.press("Control+Shift+Z");
  await expect(panel(page).getByText("GFCI met")).toBeVisible();
  await page.keyboard.press("Control+Z");
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
  await expectSaved(page, 4);
});

test("distance and what the path crosses decide where distance decides", async ({ page }) => {
  await mark(page, "E2-01").click();
  const length = page.getByLabel("Distance to the bathtub B2", { exact: true });
  await expect(length).toHaveValue("4′3″");
  await length.fill("6'1");
  await length.press("Enter");
  await expect(panel(page).getByText("GFCI not asked", { exact: true })).toBeVisible();
  await expectSaved(page, 1);
  await length.fill("6 ft");
  await length.press("Tab");
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
  await choose(page, "What the path to the bathtub B2 goes through", "A wall or fixed barrier");
  await expect(panel(page).getByText("GFCI not asked", { exact: true })).toBeVisible();
  await expectSaved(page, 3);
  await length.fill("six feet");
  await length.press("Enter");
  await expect(length).toHaveAttribute("aria-invalid", "true");
  await page.getByRole("button", { name: "Remove the distance to the bathtub B2" }).click();
  await expectSaved(page, 4);
  await page.getByRole("button", { name: "Measured to other water" }).click();
  await choose(page, "Measured to", "Bathtub, B2 Upper bath");
  await page.getByLabel("New distance").fill("30 in");
  await page.getByLabel("New distance").press("Enter");
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
});

test("what it serves decides at a kitchen counter", async ({ page }) => {
  await choose(page, "Edition it is judged by", "NEC 2020");
  await mark(page, "K1-08").click();
  await expect(panel(page).getByText("GFCI not asked", { exact: true })).toBeVisible();
  await choose(page, "Serves", "Countertop");
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
  await expect(panel(page).getByText("NEC 2020 210.8(A)(6).")).toBeVisible();
});

test("edition and kind of work judge the whole house anew", async ({ page }) => {
  await expect(page.getByRole("button", { name: /\d+ unprotected$/ })).toBeVisible();
  await choose(page, "Edition it is judged by", "NEC 2017");
  await expect(mark(page, "E2-01")).toHaveAccessibleName(/GFCI not asked$/);
  await choose(page, "Kind of work", "Existing, nothing touched");
  await expect(page.getByRole("button", { name: /\d+ advised$/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /\d+ unprotected$/ })).toHaveCount(0);
  await expectSaved(page, 2);
  await page.keyboard.press("Control+Z");
  await page.keyboard.press("Control+Z");
  await expect(mark(page, "E2-01")).toHaveAccessibleName(/GFCI missing$/);
});

test("the keyboard walks the outlets, and the key to the shapes walks its own kind", async ({ page }) => {
  await mark(page, "K1-01").click();
  await page.keyboard.press("ArrowRight");
  await expect(panel(page).getByRole("heading", { name: "Bread corner" })).toBeVisible();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await expect(panel(page).getByRole("heading", { name: "Stair light" })).toBeVisible();
  await page.getByRole("button", { name: /unprotected$/ }).click();
  await expect(panel(page).getByText("GFCI missing")).toBeVisible();
});

test("a house changed elsewhere is never overwritten unseen", async ({ page, browser }) => {
  // Nothing tells this page of it before its own change does.
  await page.route("**/pulse", (route) => route.abort());
  const other = await browser.newContext({ storageState: SESSION });
  // Another phone: what it does is not the first one's own.
  await other.clearCookies({ name: "phone" });
  const second = await other.newPage();
  await second.route("**/pulse", (route) => route.abort());
  await second.goto(page.url());
  await mark(second, "W1-05").click();
  await choose(second, "Device", "GFCI");
  await expectSaved(second, 1);
  await mark(page, "W1-04").click();
  await choose(page, "Device", "GFCI");
  // Two on different outlets are not asked.
  await expect(mark(page, "W1-05")).toHaveAccessibleName(/GFCI met$/);
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/GFCI met$/);
  await expectSaved(page, 2);
  // Both at one field are: each sees what the other said.
  await expect(second.getByRole("status")).toContainText("change 1,");
  await mark(second, "W1-04").click();
  await choose(second, "Device", "Dual-function");
  await expect(second.getByRole("alert")).toContainText('device: you say "dual", Rosa Tallow said "gfci"');
  await second.getByRole("button", { name: "Put mine on top" }).click();
  await expectSaved(second, 3);
  await other.close();
});

test("without the server a change is kept, and sent by itself when it can be", async ({ page, context }) => {
  await mark(page, "W1-04").click();
  await expect(page.getByRole("button", { name: /^Device: / })).toBeVisible();
  await context.setOffline(true);
  await choose(page, "Device", "GFCI");
  await expect(page.getByRole("status")).toContainText("kept here, 1 waiting");
  await context.setOffline(false);
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/GFCI met$/);
  await expectSaved(page, 1);
});

test("when the signal goes, what was not looked at yet still opens", async ({ page, context }) => {
  const fetched = new Set<string>();
  const underWay = new Set<string>();
  page.on("request", (request) => underWay.add(request.url()));
  page.on("requestfailed", (request) => underWay.delete(request.url()));
  page.on("requestfinished", (request) => {
    underWay.delete(request.url());
    fetched.add(request.url());
  });
  await page.reload();
  const opened = ["OutletPanel", "OutletSheet", "Breakers", "Palette", "RunsView"];
  const missing = () => opened.filter((name) => ![...fetched].some((url) => url.includes(`/${name}-`)));
  await expect.poll(missing, { timeout: 20_000 }).toEqual([]);
  await expect.poll(() => [...underWay].filter((url) => url.endsWith(".js")), { timeout: 20_000 }).toEqual([]);
  await context.setOffline(true);
  await mark(page, "W1-04").click();
  await expect(panel(page).getByRole("heading", { name: "Bench, right end" })).toBeVisible();
  await page.getByRole("button", { name: /^Breakers: / }).click();
  await expect(page.getByRole("dialog", { name: "Breakers" })).toContainText("7");
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("combobox", { name: "Find in this house" })).toBeVisible();
  await context.setOffline(false);
});

test("light, dark, an outlet and an open list are accessible", async ({ page }) => {
  await expectAccessible(page);
  await mark(page, "K1-05").click();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Dark, for crawl spaces" }).click();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole("button", { name: "Light, for daylight" })).toBeVisible();
  await page.getByRole("button", { name: /^Serves: / }).click();
  await expect(page.getByRole("menuitemradio", { name: "Countertop" })).toBeVisible();
  await expectAccessible(page);
});
