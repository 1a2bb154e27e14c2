import { fileURLToPath } from "node:url";
import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Locator, type Page } from "@playwright/test";

export const DEMO = { email: "rosa@demo.example", password: "plover-street-8" };
export const DEMO_FILE = fileURLToPath(new URL("../../database/demo/plover-street-8.house.json", import.meta.url));

/** Asks the server as this page would, of the house it shows; a path with a slash before it is asked as it is. */
export async function ask(
  page: Page,
  path: string,
  data: Record<string, unknown>,
  method: "post" | "put" = "post",
): Promise<Record<string, never>> {
  const cookies = await page.context().cookies();
  const token = cookies.find((cookie) => cookie.name === "XSRF-TOKEN")?.value ?? "";
  const id = page.url().match(/houses\/([a-z0-9]+)/)?.[1];
  const reply = await page.request[method](path.startsWith("/") ? path : `/houses/${id}/${path}`, {
    headers: { Accept: "application/json", "X-XSRF-TOKEN": decodeURIComponent(token) },
    maxRedirects: 0,
    data,
  });
  expect(reply.status(), `${path}: ${reply.status() < 400 ? "" : await reply.text()}`).toBeLessThan(400);
  return reply.ok() ? ((await reply.json()) as Record<string, never>) : {};
}

/** A copy of the demo house of its own, so that no test sees what another changed. */
export async function openDemoHouse(page: Page): Promise<void> {
  await page.goto("/houses");
  await page.getByLabel("Or take it from a house file").setInputFiles(DEMO_FILE);
  await expect(page.getByRole("heading", { name: "Rooms" })).toBeVisible();
}

/** To another job: by the rail at a desk, by the strip on a phone. */
export async function goTo(
  page: Page,
  job: "Call" | "Survey" | "Trace" | "Trips" | "Decide" | "Prove" | "Keep",
): Promise<void> {
  const rail = page.getByRole("navigation", { name: "The job" });
  const line = new RegExp(`^${job}`);
  if ((page.viewportSize()?.width ?? 0) >= 1024) {
    await rail.getByRole("button", { name: line }).click();
    return;
  }
  await rail.getByRole("button").first().tap();
  await page.getByRole("dialog", { name: "The job" }).getByRole("button", { name: line }).tap();
}

/** What was found, in the place of the rooms. */
export async function toFound(page: Page): Promise<void> {
  await page.getByRole("button", { name: /^Found \d+$/ }).click();
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
  await expect(page.getByRole("status")).toHaveText(new RegExp(`^sent.*change ${change},`));
}

/** No violation of WCAG 2.2 A or AA that axe can see. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join("; ")}`)).toEqual([]);
}

/** Read live with the breaker on, off, then known live, every place at the point, known live again. */
export async function proveDead(page: Page): Promise<void> {
  const safe = page.getByRole("region", { name: /^Make .* safe$/ });
  const again = safe.getByRole("button", { name: /on again, to read .* live$/ });
  const live = safe.getByLabel(/^Volts, .*with the breaker on$/).first();
  const known = safe.getByLabel("Volts, A known live point", { exact: true });
  await expect(again.or(live).or(known).first()).toBeVisible();
  if ((await known.count()) === 0) {
    if ((await again.count()) > 0) await again.first().click();
    await live.fill("121.2");
    await safe.getByRole("button", { name: "File it" }).click();
    await expect(safe.getByText(/^121.2 V by /)).toBeVisible();
    await safe.getByRole("button", { name: /^I turned .* off$/ }).click();
  }
  await known.fill("121.4");
  await safe.getByRole("button", { name: "The rest read 0" }).click();
  await safe.getByLabel("Volts, The known live point again").fill("121.3");
  await safe.getByRole("button", { name: "File these readings" }).click();
}

/** Where nothing can be seen live, a device upstream having tripped: the mains off, and every conductor against a lead from outside. */
export async function proveUnseen(page: Page): Promise<void> {
  await page.getByRole("button", { name: /^Breakers: / }).click();
  const breakers = page.getByRole("dialog", { name: "Breakers" });
  const mains = breakers.getByRole("button", { name: /main: I turned it off$/ });
  await expect(breakers.getByRole("button", { name: /main: I turned it/ }).first()).toBeVisible();
  while ((await mains.count()) > 0) {
    const left = await mains.count();
    await mains.first().click();
    await expect(mains).toHaveCount(left - 1);
  }
  await breakers.getByRole("button", { name: "Close" }).click();
  const safe = page.getByRole("region", { name: /^Make .* safe$/ });
  await safe.getByRole("button", { name: "It can not be seen live" }).click();
  await safe.getByLabel("Volts, A known live point, hot to the reference lead").fill("121.4");
  await safe.getByRole("button", { name: "The rest read 0" }).click();
  await safe.getByLabel("Volts, The same again, hot to the reference lead").fill("121.3");
  await safe.getByRole("button", { name: "File these readings" }).click();
}
