import { fileURLToPath } from "node:url";
import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Locator, type Page } from "@playwright/test";

export const DEMO = { email: "rosa@demo.example", password: "plover-street-8" };
export const DEMO_FILE = fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url));

/** A copy of the demo house of its own, so that no test sees what another changed. */
export async function openDemoHouse(page: Page): Promise<void> {
  await page.goto("/houses");
  await page.getByLabel("Or take it from a house file").setInputFiles(DEMO_FILE);
  await expect(page.getByRole("heading", { name: "Rooms" })).toBeVisible();
}

export function mark(page: Page, code: string): Locator {
  return page.getByRole("button", { name: new RegExp(`^${code} `) });
}

export function panel(page: Page): Locator {
  return page.getByRole("complementary", { name: "The selected outlet" });
}

export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("button", { name: new RegExp(`^${label}: `) }).click();
  await page.getByRole("menuitemradio", { name: option, exact: true }).click();
}

export async function expectSaved(page: Page, change: number): Promise<void> {
  await expect(page.getByRole("status")).toHaveText(new RegExp(`^saved.*change ${change},`));
}

/** No violation of WCAG 2.2 A or AA that axe can see. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join("; ")}`)).toEqual([]);
}

/** Known live, every place at the point, known live again. */
export async function proveDead(page: Page): Promise<void> {
  await page.getByLabel("Volts, A known live point").fill("121.4");
  await page.getByRole("button", { name: "The rest read 0" }).click();
  await page.getByLabel("Volts, The known live point again").fill("121.3");
  await page.getByRole("button", { name: "Proved dead" }).click();
}
