import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { DEMO_FILE, expectAccessible, openDemoHouse } from "./house";
import { mailFromNow, registerCrew } from "./mail";

test("a new house starts blank and says what comes next", async ({ page }) => {
  await page.goto("/houses");
  await expectAccessible(page);
  await page.getByLabel("Street and number").fill("Heron Row 3");
  await page.getByRole("button", { name: "Start this house" }).click();
  await expect(page.getByText("Heron Row 3")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Not begun" })).toBeVisible();
  // No job says that it is done before it was begun.
  await expect(page.getByRole("navigation", { name: "The job" })).toContainText("Surveynot begunTracenot begun");
  await expectAccessible(page);
});

test("a bad file is refused with every fault and its place", async ({ page }) => {
  const house = JSON.parse(readFileSync(DEMO_FILE, "utf8"));
  house.name = "Never Stored 1";
  house.points[3].amps = "twenty";
  house.points[5].area = "nowhere";
  house.cables[0].to.land = "moon";
  await page.goto("/houses");
  const file = { name: "bad.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(house)) };
  await page.getByLabel("Or take it from a house file").setInputFiles(file);
  await expect(page.getByRole("alert")).toContainText("/points/3/amps: must be number");
  await expect(page.getByRole("alert")).toContainText("/cables/0/to/land");
  await page.reload();
  await expect(page.getByText("Never Stored 1")).toHaveCount(0);
});

test("the file that comes out is the file that went in", async ({ page }) => {
  await openDemoHouse(page);
  const out = await page.request.get(`${page.url()}/file`);
  expect(await out.json()).toEqual(JSON.parse(readFileSync(DEMO_FILE, "utf8")));
});

test("another crew is not let in", async ({ page, browser }) => {
  await openDemoHouse(page);
  const house = page.url();
  const stranger = await (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
  await stranger.goto("/register");
  await expectAccessible(stranger);
  await registerCrew(stranger, "Other Crew", "Nils Other", `nils.${Date.now()}@other.example`, "long enough words");
  await expect(stranger.getByText("No house yet")).toBeVisible();
  expect((await stranger.goto(house))?.status()).toBe(404);
  await stranger.goto("/houses");
  await stranger.getByRole("button", { name: "Sign out" }).click();
  await expect(stranger.getByRole("heading", { name: "Sign in" })).toBeVisible();
});

test("a forgotten password is set anew through the mail", async ({ browser }) => {
  const page = await (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
  const address = `ivo.${Date.now()}@other.example`;
  await registerCrew(page, "Forgetful Crew", "Ivo Other", address, "long enough words");
  await page.getByRole("button", { name: "Sign out" }).click();
  await expectAccessible(page);
  const mail = mailFromNow();
  await page.getByRole("link", { name: "Forgot the password" }).click();
  await expect(page.getByRole("heading", { name: "A new password" })).toBeVisible();
  await page.getByLabel("Mail address").fill(address);
  await page.getByRole("button", { name: "Send the link" }).click();
  await expect(page.getByText("a link is on its way")).toBeVisible();
  await page.goto(await mail.link(/\/reset-password\/[0-9a-f]+\?email=[^\s"<)\]]+/));
  await page.getByLabel("New password", { exact: true }).fill("quite other words");
  await page.getByLabel("New password again").fill("quite other words");
  await page.getByRole("button", { name: "Set the password" }).click();
  await expect(page.getByText("The new password is set")).toBeVisible();
  await page.getByLabel("Mail address").fill(address);
  await page.getByLabel("Password").fill("quite other words");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByText("Forgetful Crew, Ivo Other")).toBeVisible();
});
