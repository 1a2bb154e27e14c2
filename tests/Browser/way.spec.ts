import { gzipSync } from "node:zlib";
import { expect, type Page, test } from "@playwright/test";
import { expectAccessible, goTo, mark, openDemoHouse, panel } from "./house";

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };

/** The views of a house, by their addresses. */
const VIEWS = [
  "",
  "/found",
  "/trace",
  "/trips",
  "/call",
  "/K1-04",
  "/K1-04/box",
  "/K1-04/measure",
  "/trace/K1-04",
  "/K1",
];

const MOST_FIRST_PAGE_BYTES = 180_000;

/** Milliseconds in which nothing more was fetched, after which nothing more is waited for. */
const QUIET_MS = 500;

test("the first page of a house fetches less script than a slow signal minds", async ({ page, context }) => {
  await openDemoHouse(page);
  // A page of its own: nothing of the one before is on its way in it.
  const first = await context.newPage();
  const sizes: number[] = [];
  let onTheWay = 0;
  let last = Date.now();
  await first.route("**/*.js", async (route) => {
    onTheWay++;
    const response = await route.fetch();
    sizes.push(gzipSync(await response.body()).length);
    await route.fulfill({ response });
    onTheWay--;
    last = Date.now();
  });
  // What is fetched soon after waits for a clock that stands still: however slow the machine, it is not counted.
  await first.clock.install();
  await first.clock.pauseAt(Date.now() + 60_000);
  await first.goto(page.url());
  await expect(mark(first, "K1-04")).toBeVisible();
  await expect.poll(() => onTheWay === 0 && Date.now() - last > QUIET_MS).toBe(true);
  const bytes = sizes.reduce((sum, size) => sum + size, 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(MOST_FIRST_PAGE_BYTES);
});

test("every state has an address by code: it is read again, in a second tab, and by whoever is sent it", async ({
  page,
}) => {
  await openDemoHouse(page);
  const house = page.url();
  await mark(page, "K1-04").click();
  await expect(page).toHaveURL(`${house}/K1-04`);
  await page.getByRole("button", { name: "Box", exact: true }).click();
  await expect(page).toHaveURL(`${house}/K1-04/box`);
  await page.reload();
  await expect(page.getByRole("region", { name: "Make K1-04 safe" })).toBeVisible();
  const second = await page.context().newPage();
  await second.goto(`${house}/trace/k1-04`);
  await expect(panel(second)).toContainText("K1-04");
  await expect(second.getByRole("button", { name: "Breaker 6 Kitchen right: close its run" })).toBeVisible();
  await second.goto(`${house}/K9-99`);
  await expect(panel(second)).toContainText("There is no K9-99 in this house.");
  await second.close();
});

test("Back undoes the last step of looking, and a job keeps what is selected", async ({ page }) => {
  await openDemoHouse(page);
  const house = page.url();
  await mark(page, "W1-04").click();
  await mark(page, "W1-05").click();
  await goTo(page, "Trace");
  await expect(mark(page, "W1-05")).toHaveAttribute("aria-pressed", "true");
  await page.goBack();
  await expect(page).toHaveURL(`${house}/W1-05`);
  await expect(panel(page)).toContainText("W1-05");
  await page.goBack();
  await expect(page).toHaveURL(house);
  await page.goForward();
  await expect(panel(page)).toContainText("W1-05");
  // What was changed meanwhile is not undone by looking back.
  await panel(page)
    .getByRole("button", { name: /^Device: / })
    .click();
  await page.getByRole("menuitemradio", { name: "GFCI", exact: true }).click();
  await expect(mark(page, "W1-05")).toHaveAccessibleName(/GFCI met/);
  await page.goBack();
  await expect(mark(page, "W1-05")).toHaveAccessibleName(/GFCI met/);
});

test("the palette finds rooms, outlets, breakers, findings and commands from anywhere", async ({ page }) => {
  await openDemoHouse(page);
  const find = async (text: string) => {
    await page.keyboard.press("Control+k");
    const field = page.getByRole("combobox", { name: "Find in this house" });
    await field.fill(text);
    return page.getByRole("dialog");
  };
  await page.getByRole("textbox", { name: "Quick entry" }).focus();
  await find("k1-04");
  await expectAccessible(page);
  await page.keyboard.press("Enter");
  await expect(panel(page).getByRole("heading", { name: "Stove side counter" })).toBeVisible();
  await (await find("laundry")).getByRole("option", { name: /^U1 Laundry/ }).click();
  await expect(page.getByRole("heading", { name: "Laundry" })).toBeInViewport();
  await (await find("14 AWG")).getByRole("option", { name: /The cable to B1-09 is 14 AWG/ }).click();
  await expect(panel(page)).toContainText("B1-09");
  await (await find("breaker 7 ")).getByRole("option", { name: /^7 Workshop/ }).click();
  await expect(page.getByRole("dialog", { name: "Breakers" })).toBeVisible();
  await page.keyboard.press("Escape");
  await (await find("no such thing anywhere")).getByText("Nothing here goes by that.").waitFor();
  await page.keyboard.press("Escape");
  await (await find("print")).getByRole("option", { name: "Survey on paper: print it" }).click();
  await expect(page.getByRole("heading", { name: "Survey of Plover Street 8" })).toBeVisible();
});

test("Esc leaves the line, ? tells the keys, and a code typed goes there", async ({ page }) => {
  await openDemoHouse(page);
  const line = page.getByRole("textbox", { name: "Quick entry" });
  await page.keyboard.press("/");
  await expect(line).toBeFocused();
  await page.keyboard.type("h1");
  await expect(page.getByText("H1 Entry hall")).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Entry hall" })).toBeInViewport();
  await page.keyboard.press("Escape");
  await expect(line).not.toBeFocused();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "The words of quick entry" })).toBeVisible();
  await page.keyboard.press("Escape");
  // What a word may have been is a tap away.
  await line.fill("K1 kit sink");
  await page.getByRole("button", { name: "another sink" }).click();
  await expect(line).toHaveValue("K1 kit another sink");
  await expect(page.getByText("Room K1: Kitchen, sink, sink")).toBeVisible();
});

/** Addresses that are looked through, by where they are; those of a house begin with its own. */
const LOOKED_AT: Record<string, (house: string) => string[]> = {
  "where a house is worked on": (house) => VIEWS.map((view) => house + view),
  "of a crew": () =>
    ["account", "rules", "jurisdictions", "instruments", "appliances", "priors", "people", "houses"].map(
      (page) => `/${page}`,
    ),
  "of a house beside its work": (house) =>
    ["survey", "history", "compare", "outlets", "rules"].map((page) => `${house}/${page}`),
};

for (const theme of ["light", "dark"] as const)
  for (const [where, addresses] of Object.entries(LOOKED_AT))
    test(`every view ${where} is accessible, in the ${theme} theme`, async ({ page }) => {
      // Ten views, each looked through to its last element: on a busy machine that takes its time.
      test.setTimeout(240_000);
      await openDemoHouse(page);
      const looked = addresses(page.url());
      await page.evaluate((wanted) => localStorage.setItem("bouclier.theme", wanted), theme);
      for (const address of looked) {
        await page.goto(address, { waitUntil: "networkidle" });
        await expectAccessible(page);
      }
    });

test.describe("on a phone", () => {
  test.use(PHONE);

  /** Taps one after the other, each on what is seen then; no more than two are there. */
  async function tapped(page: Page, ...names: RegExp[]): Promise<void> {
    expect(names.length).toBeLessThanOrEqual(2);
    for (const name of names)
      await page.getByRole("button", { name }).or(page.getByRole("menuitem", { name })).first().tap();
  }

  test("what a stranger looks for is within two taps of the first screen", async ({ page }) => {
    await openDemoHouse(page);
    const house = page.url();
    // The three worst: no tap.
    await expect(page.getByRole("region", { name: "The three worst" }).getByRole("listitem")).toHaveCount(3);
    await expect(page.getByRole("region", { name: "The three worst" })).toBeInViewport();
    // Why K1-04 is red: one.
    await tapped(page, /^K1-04 /);
    const outlet = page.getByRole("dialog", { name: /^K1-04/ });
    await expect(outlet).toContainText("NEC 2023 210.8(A)(6). K1 is a kitchen.");
    // Which breaker: the same one.
    await expect(outlet).toContainText("Breaker 6 Kitchen right");
    // What feeds it: two.
    await page.goto(house);
    await tapped(page, /^K1-04 /, /what feeds it$/);
    await expect(page.getByRole("button", { name: "Breaker 6 Kitchen right: close its run" })).toBeVisible();
    await expect(mark(page, "K1-04")).toHaveAttribute("aria-pressed", "true");
    // How to print: two.
    await page.goto(house);
    await tapped(page, /^More about this house$/, /^Survey on paper: print it$/);
    await expect(page.getByRole("button", { name: "Print" })).toBeVisible();
  });

  test("Back closes the outlet and never the house; the strip leads to every job", async ({ page }) => {
    await openDemoHouse(page);
    const house = page.url();
    await mark(page, "K1-04").tap();
    const outlet = page.getByRole("dialog", { name: /^K1-04/ });
    await expect(outlet).toBeVisible();
    await outlet.getByRole("button", { name: "Next" }).tap();
    await expect(page.getByRole("dialog", { name: /^K1-05/ })).toBeVisible();
    await page.goBack();
    await expect(page.getByRole("dialog")).toHaveCount(0);
    await expect(page).toHaveURL(house);
    for (const job of ["Call", "Trace", "Trips", "Survey"] as const) await goTo(page, job);
    await expect(page.getByRole("region", { name: "The three worst" })).toBeVisible();
    await page.getByRole("button", { name: "Found", exact: true }).tap();
    await expect(page.getByRole("region", { name: "Can hurt now" })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Rooms", exact: true }).tap();
    await page.getByRole("button", { name: "Type", exact: true }).tap();
    const line = page.getByRole("textbox", { name: "Quick entry" });
    await expect(line).toBeFocused();
    await line.press("Escape");
    await expect(line).toHaveCount(0);
  });

  test("several breakers off stay readable in the top bar, and its icons are large enough", async ({ page }) => {
    await openDemoHouse(page);
    await page.getByRole("button", { name: /^Breakers: / }).tap();
    for (const name of ["5 Kitchen left", "6 Kitchen right", "7 Workshop", "9 Upstairs"])
      await page.getByRole("button", { name: `${name}: I turned it off` }).tap();
    await page.getByRole("button", { name: "Close" }).tap();
    const bar = page.getByRole("region", { name: "Live or dead" });
    await expect(bar).toContainText("5, 6, 7, 9");
    await expect(bar).toContainText("10 others");
    const cut = await bar
      .locator("span")
      .evaluateAll((cells) => cells.filter((cell) => cell.scrollWidth > cell.clientWidth + 1).length);
    expect(cut).toBe(0);
    for (const button of await page.getByRole("banner").getByRole("button").all()) {
      const box = await button.boundingBox();
      if (box) expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(44);
    }
  });

  test("a room is put right by taps: renamed, split, joined, its water taken out, one like it", async ({ page }) => {
    await openDemoHouse(page);
    const room = async (code: RegExp) => {
      await page.getByRole("button", { name: code }).first().tap();
      await page.getByRole("menuitem", { name: /^Name, kind, water/ }).tap();
      return page.getByRole("dialog");
    };
    let sheet = await room(/^Room P1 /);
    await expectAccessible(page);
    await sheet.getByLabel("Its name").fill("Wine bar");
    await sheet.getByRole("button", { name: "Call it so" }).tap();
    await expect(page.getByRole("dialog", { name: "P1 Wine bar" })).toBeVisible();
    await sheet.getByRole("button", { name: "One like it, as P2" }).tap();
    await expect(mark(page, "P2-03")).toBeVisible();
    sheet = await room(/^Room P2 /);
    await sheet.getByRole("button", { name: "Join it to P1 Wine bar" }).tap();
    await expect(mark(page, "P1-06")).toBeVisible();
    await expect(page.getByRole("button", { name: /^Room P2 / })).toHaveCount(0);
    sheet = await room(/^Room P1 /);
    await sheet
      .getByRole("button", { name: /^There is no sink/ })
      .first()
      .tap();
    await sheet.getByRole("button", { name: "It is two rooms" }).tap();
    await sheet.getByRole("button", { name: "P1-05 is in the other room" }).tap();
    await sheet.getByRole("button", { name: "Split it" }).tap();
    await expect(page.getByRole("button", { name: /^P3-01 / })).toBeVisible();
    // P2 is not given twice: it leads to the room it was joined to. So does the outlet's old code.
    await page.getByRole("button", { name: /^Find a room/ }).tap();
    await page.getByRole("combobox", { name: "Find in this house" }).fill("P1-05");
    await page
      .getByRole("option", { name: /^P3-01 / })
      .first()
      .tap();
    await expect(page.getByRole("dialog")).toContainText("It was P2-02, P1-05 before.");
  });
});
