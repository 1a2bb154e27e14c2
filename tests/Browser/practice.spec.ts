import { expect, type Page, test } from "@playwright/test";
import { choose, expectAccessible } from "./house";

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

/** Taps what is offered at a place; on a phone the place takes the screen until it is closed. */
async function does(page: Page, place: RegExp | null, offer: RegExp): Promise<void> {
  await expect(page.locator("[data-steps]")).toBeAttached();
  const steps = Number(await page.locator("[data-steps]").getAttribute("data-steps"));
  if (place !== null) {
    await closes(page);
    await page.getByRole("region", { name: "Places" }).getByRole("button", { name: place }).click();
  }
  await page.getByRole("region", { name: "What to do" }).getByRole("button", { name: offer }).click();
  await expect(page.locator("[data-steps]")).toHaveAttribute("data-steps", String(steps + 1));
}

async function closes(page: Page): Promise<void> {
  const sheet = page.getByRole("dialog").getByRole("button", { name: "Close" });
  if ((await sheet.count()) > 0) await sheet.click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
}

async function names(page: Page, where: string, what: string): Promise<void> {
  await closes(page);
  await page.getByRole("button", { name: "Name the cause" }).click();
  const sheet = page.getByRole("dialog", { name: "What is it?" });
  await sheet.getByRole("button", { name: where, exact: true }).click();
  await sheet.getByRole("button", { name: what, exact: true }).click();
}

async function fits(page: Page): Promise<void> {
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
}

test.describe("on the phone", () => {
  test.use(PHONE);

  test("a written case is solved, and both roads are shown", async ({ page }) => {
    await page.goto("/practice");
    await page.getByRole("button", { name: /^The compressor or its cord/ }).click();
    await expect(page.getByText(/The compressor trips it/)).toBeVisible();
    await fits(page);
    await does(page, /^Compressor/, /^The compressor without its/);
    await does(page, /^G-01/, /^Reset G-01/);
    await expect(page.getByRole("dialog").getByRole("status")).toContainText("it held");
    await expectAccessible(page);
    await closes(page);
    await fits(page);
    await expectAccessible(page);
    await names(page, "What is plugged in", "The cord set of the compressor leaks to ground");
    await expect(page.getByRole("heading", { name: /^Right: The cord set of the compressor/ })).toBeVisible({
      timeout: 60_000,
    });
    await expect(page.getByRole("region", { name: "Your road" }).getByRole("listitem")).toHaveCount(2);
    await expect(
      page.getByRole("region", { name: "The road of the best next tests" }).getByRole("listitem").first(),
    ).toBeVisible();
    await fits(page);
    await expectAccessible(page);
    await page.getByRole("button", { name: "All cases" }).click();
    await expect(page.getByRole("button", { name: /^The compressor or its cord found/ })).toBeVisible();
    await expect(page.getByRole("region", { name: "How it goes" }).getByText("A cord that leaks")).toBeVisible();
  });

  test("what was done so far is there after the page was closed", async ({ page }) => {
    await page.goto("/practice?case=written-behind-the-sink");
    await expect(page.getByRole("region", { name: "Places" })).toBeVisible();
    await does(page, /^K-01/, /^Reset K-01/);
    await does(page, null, /^Look at the light/);
    await page.goto("/houses");
    await page.goto("/practice");
    await page.getByRole("button", { name: /^Since the leak under the sink.*2 steps/ }).click();
    await expect(page.getByRole("region", { name: "What was read" }).getByRole("listitem")).toHaveCount(2);
    await page.getByRole("button", { name: "Take the last step back" }).click();
    await expect(page.getByRole("region", { name: "What was read" }).getByRole("listitem")).toHaveCount(1);
  });
});

test("a danger stops the case, says what would have happened, and it goes on from before", async ({ page }) => {
  await page.goto("/practice?case=written-correct-everywhere");
  await page.getByRole("region", { name: "Places" }).getByRole("button", { name: /^K-04/ }).click();
  await page.getByRole("button", { name: /^Plate off at K-04/ }).click();
  const stop = page.getByRole("dialog", { name: "Stop" });
  await expect(stop.getByText("Hands at K-04, and it is not proved dead")).toBeVisible();
  await expect(stop.getByText("What would have happened")).toBeVisible();
  await expectAccessible(page);
  await stop.getByRole("button", { name: "Go on from before it" }).click();
  await expect(page.getByText("No box open")).toBeVisible();
  await does(page, /^Breaker 1/, /^Turn breaker 1 .* off/);
  await does(page, /^K-04/, /^Meter tried on a live outlet/);
  await does(page, null, /^Plate off at K-04/);
  await expect(page.getByText("Open: K-04")).toBeVisible();
  await does(page, null, /^Look into the box of K-04/);
  await page
    .getByRole("region", { name: "Places" })
    .getByRole("button", { name: /^Breaker 1/ })
    .click();
  await page.getByRole("button", { name: /^Turn breaker 1 .* on/ }).click();
  await expect(stop.getByText("Power on, and the box of K-04 stands open")).toBeVisible();
});

test("its advice is asked for, and says nothing of what nobody traced", async ({ page }) => {
  await page.goto("/practice?case=written-dead-basin");
  await expect(page.getByText("Nobody has traced them.")).toBeVisible();
  await page.getByText("What Trips would say").click();
  await expect(page.getByText(/Nobody has traced the runs/)).toBeVisible();
  await does(page, /^The house/, /^Trace the circuits/);
  await expect(page.getByText(/› G-01 › G-02 › B-01 › O-01/)).toBeVisible();
  await expect(page.getByText(/is tripped or off, nothing else/).first()).toBeVisible();
});

test("a drill of ten boxes, each answered and told why", async ({ page }) => {
  await page.goto("/practice?drill=old_to_new.3");
  for (let box = 1; box <= 10; box++) {
    await expect(page.getByText(`Box ${box} of 10`)).toBeVisible();
    const prompt = (await page.getByText(/New back: LINE at the/).textContent()) ?? "";
    const isTop = /New back: LINE at the top/.test(prompt);
    for (const wire of await page.getByRole("region", { name: /^(Black|White) of the pair/ }).all()) {
      const label = (await wire.getByRole("heading").textContent()) ?? "";
      const end = label.includes("live") === isTop ? "Top" : "Bottom";
      await wire.getByRole("button", { name: `${end}, ${label.startsWith("Black") ? "brass" : "silver"}` }).click();
    }
    if (box === 1) await expectAccessible(page);
    await page.getByRole("button", { name: "That is it" }).click();
    await expect(page.getByRole("status").getByText("Right")).toBeVisible();
    await page.getByRole("button", { name: box === 10 ? "How it went" : "Next box" }).click();
  }
  await expect(page.getByRole("heading", { name: /^10 of 10 boxes right/ })).toBeVisible();
  await page.getByRole("button", { name: "All drills" }).click();
  await expect(page.getByRole("region", { name: "How it goes" }).getByText("Old back to new back")).toBeVisible();
});

test("one is drawn as hard as asked for, and its number draws it again", async ({ page }) => {
  await page.goto("/practice");
  await choose(page, "About", "An open ground");
  await choose(page, "Outlets", "4");
  await choose(page, "How hard", "Easy");
  await page.getByRole("button", { name: "Draw it" }).click();
  await expect(page.getByRole("region", { name: "Places" })).toBeVisible({ timeout: 60_000 });
  const words = await page.getByRole("blockquote").textContent();
  const address = page.url();
  expect(address).toMatch(/case=open_ground\.4\.\d+/);
  await page.goto("/practice");
  await page.goto(address);
  await expect(page.getByRole("blockquote")).toHaveText(words ?? "");
});

test.describe("without a signal", () => {
  test.use({ serviceWorkers: "allow" });

  test("a case is worked on and ended, and counts when there is one again", async ({ page, context }) => {
    test.setTimeout(240_000);
    await page.addInitScript(() => localStorage.setItem("bouclier-engine", "on"));
    await page.goto("/practice");
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    await expect(page.locator("[data-engine=true]")).toBeAttached({ timeout: 60_000 });
    await page.waitForLoadState("networkidle");
    await context.setOffline(true);
    await page.goto("/practice?case=written-bang-and-dark");
    await does(page, /^Breaker 1/, /^Reset breaker 1/);
    await expect(page.getByRole("region", { name: "What was read" }).getByText(/tripped/)).toBeVisible();
    await names(page, "On the way to R-03", "Short in the cable to R-03");
    await expect(page.getByRole("heading", { name: /^Right: Short in the cable to R-03/ })).toBeVisible({
      timeout: 180_000,
    });
    await context.setOffline(false);
    await page.goto("/practice");
    await expect(page.getByRole("region", { name: "How it goes" }).getByText("A short", { exact: true })).toBeVisible();
  });
});
