import { expect, test } from "@playwright/test";
import { DEMO } from "./house";
import { sessionOf } from "./session";

test("the demo account signs in, once for each worker", async ({ browser }) => {
  for (let worker = 0; worker < test.info().config.workers; worker++) {
    const page = await (await browser.newContext()).newPage();
    await page.goto("/");
    await expect(page).toHaveURL(/sign-in$/);
    await page.getByLabel("Mail address").fill(DEMO.email);
    await page.getByLabel("Password").fill(DEMO.password);
    await page.getByRole("button", { name: "Sign in" }).click();
    await expect(page.getByRole("heading", { name: "Houses" })).toBeVisible();
    await expect(page.getByText("Tallow & Daughter, Rosa Tallow")).toBeVisible();
    await expect(page.getByRole("link", { name: /Plover Street 8/ }).first()).toBeVisible();
    // What is tried with the engine says so (no-signal.spec.ts): it takes a second and much memory in every page.
    await page.evaluate(() => localStorage.setItem("bouclier-engine", "off"));
    await page.context().storageState({ path: sessionOf(worker) });
    await page.context().close();
  }
});
