import { expect, type Page, test } from "@playwright/test";
import { expectAccessible, mark, openDemoHouse } from "./house";
import { mailFromNow, registerCrew } from "./mail";

async function asNewcomer(page: Page, link: string, name: string): Promise<void> {
  await page.goto(link);
  await page.getByLabel("Your name").fill(name);
  await page.getByLabel("Password", { exact: true }).fill("tallow candles burn");
  await page.getByLabel("Password again").fill("tallow candles burn");
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByRole("heading", { name: "Houses" })).toBeVisible();
}

test("a helper is invited, comes in, files facts and is offered no live work", async ({ page, browser }) => {
  await openDemoHouse(page);
  const house = page.url();
  await page.goto("/people");
  const address = `bo.${Date.now()}@crew.example`;
  const mail = mailFromNow();
  await page.getByLabel("Mail address").fill(address);
  await page.getByRole("button", { name: /^As: / }).click();
  await page.getByRole("menuitemradio", { name: "Helper", exact: true }).click();
  await expect(page.getByText("Is offered no live work")).toBeVisible();
  await page.getByRole("button", { name: "Send the invitation" }).click();
  await expect(page.getByText(`A mail is on its way to ${address}.`)).toBeVisible();
  await expectAccessible(page);

  const theirs = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const helper = await theirs.newPage();
  await asNewcomer(helper, await mail.link(/\/invitations\/[A-Za-z0-9]{40}/), "Bo Fern");
  await expect(helper.getByRole("link", { name: "People" })).toHaveCount(0);
  await expect(helper.getByRole("button", { name: "Start this house" })).toHaveCount(0);
  await helper.goto(house);
  await expect(helper.getByRole("textbox", { name: "Quick entry" })).toHaveCount(0);
  await mark(helper, "W1-02").click();
  await helper.getByRole("button", { name: "Box", exact: true }).click();
  // LINE is read on live parts: not for a helper.
  await expect(helper.getByText("Its face is dead: read LINE")).toHaveCount(0);
  await helper.getByLabel("Volts, top half, with the breaker on").fill("120");
  await helper.getByRole("button", { name: "File it" }).click();
  await expect(helper.getByText(/^120 V by Bo Fern/)).toBeVisible();

  await page.goto("/people");
  const row = page.getByRole("listitem").filter({ hasText: "Bo Fern" });
  await row.getByRole("button", { name: "Take Bo Fern out of the crew" }).click();
  await expect(row).toHaveCount(0);
  await helper.goto(house);
  await expect(helper).toHaveURL(/sign-in|no-crew/);
  await theirs.close();
});

test("a crew is registered by mail, and its owner signs in with a second step", async ({ browser }) => {
  const own = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const page = await own.newPage();
  const address = `ada.${Date.now()}@crew.example`;
  await page.goto("/register");
  await page.getByLabel("Name of the crew").fill("Quill Electric");
  await page.getByLabel("Your name").fill("Ada Quill");
  await page.getByLabel("Mail address").fill(address);
  await page.getByLabel("Password", { exact: true }).fill("1234567890");
  await page.getByLabel("Password again").fill("1234567890");
  await page.getByRole("button", { name: "Register" }).click();
  await expect(page.getByText("among the ten thousand commonest")).toBeVisible();
  await registerCrew(page, "Quill Electric", "Ada Quill", address, "quills write slowly");

  await page.getByRole("link", { name: "Account" }).click();
  await expect(page.getByText("here, now")).toBeVisible();
  await page.getByRole("button", { name: "Set it up" }).click();
  const step = page.getByRole("region", { name: "Second step" });
  await expect(step.getByRole("img")).toBeVisible();
  await expectAccessible(page);
  const secret = (await step.locator(".code").textContent()) ?? "";
  const { execFileSync } = await import("node:child_process");
  const code = execFileSync("oathtool", ["--totp", "--base32", "-"], { input: `${secret}\n`, encoding: "utf8" }).trim();
  await step.getByLabel("The code it shows now").fill(code);
  await step.getByRole("button", { name: "Turn it on" }).click();
  await expect(step.getByRole("heading", { name: "Write these down" })).toBeVisible();
  const paper = (await step.getByRole("listitem").first().textContent()) ?? "";
  await step.getByRole("button", { name: "They are on paper" }).click();
  await expect(step).toContainText("8 codes on paper are left");

  await page.goto("/houses");
  await page.getByRole("button", { name: "Sign out" }).click();
  await page.getByLabel("Mail address").fill(address);
  await page.getByLabel("Password").fill("quills write slowly");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Second step" })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel("Code").fill(paper);
  await page.getByRole("button", { name: "Go on" }).click();
  await expect(page.getByRole("heading", { name: "Houses" })).toBeVisible();
  await own.close();
});
