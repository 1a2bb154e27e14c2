import { expect, test } from "@playwright/test";
import { expectAccessible, expectSaved, mark, openDemoHouse, panel, toFound } from "./house";

/** Rooms with their outlets, as somebody walks them: one line each, forty outlets in all. */
const WALK: [room: string, outlets: string[]][] = [
  [
    "K1 kit si",
    ["ct 20 gfci 2'6 sink", "same 4'9 sink std", "same 7' sink", "fridge 20", "dw 20 hidden", "range 50 250v", "mw 20"],
  ],
  ["B1 ba si tu", ["ct 20 gfci 2' sink", "20 5' tub"]],
  ["B2 ba si sh", ["ct 20 1'9 sink", "20 6' shower"]],
  ["L1 lau si", ["washer 20 2'3 sink", "20 4' sink", "dryer 30 250v"]],
  ["W1 gar", ["20", "same", "same", "opener", "freezer 20 single"]],
  ["Y1 out", ["20 wet flip", "20 gfci wet hood"]],
  ["R1 liv", ["15", "same", "same", "same", "same"]],
  ["D1 din", ["20", "same", "same"]],
  ["E1 bed", ["15", "same", "same", "same"]],
  ["E2 bed", ["15 4' tub B1 door", "15", "same"]],
  ["H1 hal", ["15", "smoke hw"]],
  ["C1 crawl", ["gfci 15 damp", "light"]],
];
const OUTLETS = WALK.flatMap(([, outlets]) => outlets).length;

test("a house of forty outlets is walked in one line an outlet", async ({ page }) => {
  test.setTimeout(300_000);
  await page.goto("/houses");
  await page.getByLabel("Street and number").fill("Walked Lane 4");
  await page.getByRole("button", { name: "Start this house" }).click();
  const line = page.getByRole("textbox", { name: "Quick entry" });
  await expect(page.getByRole("heading", { name: "Not begun" })).toBeVisible();
  await page.keyboard.press("/");
  await expect(line).toBeFocused();
  let change = 0;
  const enter = async (text: string) => {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
    await expectSaved(page, ++change);
    await expect(line).toHaveValue("");
  };
  for (const [room, outlets] of WALK) {
    expect(room.length + 1).toBeLessThanOrEqual(12);
    await enter(room);
    for (const outlet of outlets) await enter(outlet);
  }
  expect(OUTLETS).toBe(40);
  await expect(page.getByRole("button", { name: /^[A-Z]\d-\d\d / })).toHaveCount(OUTLETS);
  await expect(mark(page, "K1-03")).toHaveAccessibleName(/GFCI missing|GFCI advised/);
  await expect(mark(page, "Y1-01")).toHaveAccessibleName(/GFCI advised/);
});

test("a line is read as it is typed, and wrong words are marked", async ({ page }) => {
  await openDemoHouse(page);
  const line = page.getByRole("textbox", { name: "Quick entry" });
  await line.fill("K1 ct 20 gfcii 2'6 sink");
  await expect(page.getByText('"gfcii" is not a word of this line; is it "gfci"?')).toBeVisible();
  await line.press("Enter");
  await expect(line).toHaveValue("K1 ct 20 gfcii 2'6 sink");
  await line.fill("K1 ct 20 gfci 2'6 sink");
  await expect(page.getByText("K1-09 Kitchen: Countertop, 20 A, GFCI, 2 ft 6 in from sink")).toBeVisible();
  await expectAccessible(page);
  await line.press("Enter");
  await expect(panel(page).getByRole("heading", { name: "Countertop" })).toBeVisible();
  await line.fill("w1-04");
  await line.press("Enter");
  await expect(panel(page).getByRole("heading", { name: "Bench, right end" })).toBeVisible();
  await expectSaved(page, 1);
});

test("an outlet becomes a line, is changed there and goes back", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "K1-02").click();
  await panel(page).getByRole("button", { name: "As a line" }).click();
  const line = page.getByRole("textbox", { name: "Quick entry" });
  await expect(line).toBeFocused();
  await expect(line).toHaveValue("K1-02 ct std rec 20a 4'9 sink high 3'8.4 tr \"Bread corner\"");
  await line.press("Enter");
  await expect(line).toHaveValue("");
  await expect(page.getByRole("status")).toHaveText(/as taken in/);
  await panel(page).getByRole("button", { name: "As a line" }).click();
  await line.fill((await line.inputValue()).replace("std", "gfci"));
  await line.press("Enter");
  await expectSaved(page, 1);
  await expect(
    panel(page)
      .getByText(/Protected by its own device/)
      .first(),
  ).toBeVisible();
});

test("the words of quick entry stand on one screen", async ({ page }) => {
  await openDemoHouse(page);
  await page.keyboard.press("?");
  const help = page.getByRole("dialog", { name: "The words of quick entry" });
  await expect(help.getByText("Countertop")).toBeVisible();
  await expect(help.getByText("Bathroom")).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press("Escape");
  await expect(help).toHaveCount(0);
});

test("what was found stands by what can hurt, one line for one cause, and goes to its outlet", async ({ page }) => {
  await openDemoHouse(page);
  const worst = page.getByRole("region", { name: "The three worst" });
  await expect(worst.getByRole("listitem")).toHaveCount(3);
  await expect(worst.getByRole("listitem").first()).toContainText("The feed of P1-01 is on LOAD");
  await toFound(page);
  const hurts = page.getByRole("region", { name: "Can hurt now" });
  await expect(hurts.getByRole("listitem").first()).toContainText("The feed of P1-01 is on LOAD");
  const kitchen = hurts.getByRole("listitem").filter({ hasText: "6 outlets on breaker 6 Kitchen right" });
  await expect(kitchen).toContainText("A GFCI device at K1-04, fed on LINE, with the rest on its LOAD");
  await expect(kitchen).toContainText("NEC 2023 210.8(A)(6)");
  await expectAccessible(page);
  // What is mended by tracing is one line, with the way there.
  await page.getByRole("main").getByRole("button", { name: "Trace" }).click();
  await expect(page.getByRole("complementary", { name: "The trace" })).toBeVisible();
  await page.goBack();
  await expect(hurts).toBeVisible();
  await kitchen.getByRole("button", { name: "K1-06" }).click();
  await expect(panel(page).getByRole("heading", { name: "Dishwasher" })).toBeVisible();
});

test("editions are compared, the code book is read, a change is gone back to", async ({ page }) => {
  await openDemoHouse(page);
  const menu = async (item: string) => {
    await page.getByRole("button", { name: "More about this house" }).click();
    await page.getByRole("menuitem", { name: item }).click();
  };
  await menu("Compare two editions");
  await expect(page.getByRole("heading", { name: "Two editions, one house" })).toBeVisible();
  await expect(
    page.getByRole("listitem").filter({ hasText: "E2-01" }).getByText("210.8(A)(10), 406.4(D)(3)"),
  ).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: /^From: / }).click();
  await page.getByRole("menuitemradio", { name: "NEC 2023" }).click();
  await expect(page.getByText("judge this house alike")).toBeVisible();
  await page.getByRole("link", { name: "Plover Street 8" }).click();

  await menu("The code book");
  await expect(
    page.getByRole("row", { name: /A cord from here reaches the sink/ }).getByText("210.8(A)(8)"),
  ).toBeVisible();
  await expectAccessible(page);
  await page.goBack();

  await page.getByRole("textbox", { name: "Quick entry" }).fill("W1-04 gfci");
  await page.getByRole("textbox", { name: "Quick entry" }).press("Enter");
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/GFCI met/);
  await menu("Every change");
  await expect(page.getByText("W1-04: device Standard to GFCI")).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("link", { name: /Taken in/ }).click();
  await expect(page.getByRole("heading", { name: "As it was taken in" })).toBeVisible();
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/GFCI missing/);
  await page.getByRole("button", { name: "Go back to this" }).click();
  await expect(page.getByRole("status")).toHaveText(/change 2,/);
  await expect(mark(page, "W1-04")).toHaveAccessibleName(/GFCI missing/);
});

test("a tester's lamps are tapped in the order they stand, and it says what they mean", async ({ page }) => {
  await page.goto("/instruments");
  await page.getByLabel("What it is called").fill("Yellow one");
  await page.getByRole("button", { name: /^Left lamp: / }).click();
  await page.getByRole("menuitemradio", { name: "neutral to ground" }).click();
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByText("neutral to ground, hot to ground, hot to neutral")).toBeVisible();
  await expectAccessible(page);
  await openDemoHouse(page);
  await mark(page, "N1-02").click();
  await page.getByRole("button", { name: /^Tester: / }).click();
  await page.getByRole("menuitemradio", { name: "Yellow one" }).click();
  const lamps = panel(page)
    .getByRole("group", { name: /^Lamps/ })
    .getByRole("button");
  await expect(lamps.first()).toHaveAccessibleName("Lamp neutral to ground");
  await panel(page).getByRole("button", { name: "Lamp hot to neutral" }).click();
  await panel(page).getByLabel("Volts").fill("121.4");
  await panel(page).getByRole("button", { name: "File these lamps" }).click();
  await expect(panel(page).getByText("top: Open ground.")).toBeVisible();
  await expect(panel(page).getByText("121.4 V")).toBeVisible();
  await panel(page).getByRole("button", { name: "Reads correct" }).click();
  await expect(panel(page).getByText("bottom: Reads correct.")).toBeVisible();
  await expect(
    panel(page).getByText(/^The same lamps show with .*ground tied to the neutral at the outlet/),
  ).toBeVisible();
  // No ground is recorded there: that it reads correct is a finding.
  await expect(
    panel(page).getByText(/bottom half, read hot to neutral and hot to ground lit.*as recorded it should/),
  ).toBeVisible();
  await expectSaved(page, 2);
  await expectAccessible(page);
});

test("outlets go to a spreadsheet and come back, read before they are stored", async ({ page }) => {
  await openDemoHouse(page);
  const csv = await (await page.request.get(`${page.url()}/outlets.csv`)).text();
  expect(csv).toContain("W1-04,W1,");
  await page.getByRole("button", { name: "More about this house" }).click();
  await page.getByRole("menuitem", { name: "Outlets as a table" }).click();
  const file = page.getByLabel("Take in a CSV");
  const take = (text: string) => file.setInputFiles({ name: "o.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await take("No,Where,device\nW1-20,W1,gfci\nW1-21,Z9,gfci\n");
  await expect(page.getByText("No column holds the location code")).toBeVisible();
  await page.getByRole("button", { name: /^Column No: / }).click();
  await page.getByRole("menuitemradio", { name: "code", exact: true }).click();
  await page.getByRole("button", { name: /^Column Where: / }).click();
  await page.getByRole("menuitemradio", { name: "room", exact: true }).click();
  await expect(page.getByRole("status")).toHaveText("1 of 2 rows can be read.");
  await expect(page.getByText('"Z9" is no room of this house')).toBeVisible();
  await expect(page.getByRole("button", { name: "Take in all 2 rows" })).toBeDisabled();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Take in the 1 that can be read" }).click();
  await expect(mark(page, "W1-20")).toHaveAccessibleName(/GFCI met/);
});

test("a jurisdiction is written down once, taken by a house, and named in its verdicts", async ({ page }) => {
  await page.goto("/jurisdictions");
  await page.getByLabel("Name of the place").fill("Marsh County");
  await page.getByRole("button", { name: "An amendment" }).click();
  await page.getByRole("button", { name: /^In: / }).click();
  await page.getByRole("menuitemradio", { name: "Bedroom" }).click();
  // A menu that is still closing takes the next tap.
  await expect(page.getByRole("menu")).toHaveCount(0);
  await page.getByRole("button", { name: "Add this place" }).click();
  await expect(page.getByText("Say who amended it.")).toBeVisible();
  await page.getByRole("textbox", { name: "Clause" }).fill("Ordinance 12.4");
  await page.getByLabel("Who amended it").fill("Marsh County");
  await page.getByLabel("Since").fill("2025-01-01");
  await page.getByLabel("Where it is written").fill("County code, book 3");
  await page.getByRole("button", { name: "Add this place" }).click();
  await expect(page.getByText("Adds a requirement: GFCI, Ordinance 12.4, bedroom.")).toBeVisible();
  await expectAccessible(page);
  await openDemoHouse(page);
  await expect(mark(page, "E1-01")).toHaveAccessibleName(/GFCI not asked/);
  await page.getByRole("button", { name: /^Edition it is judged by/ }).click();
  await page.getByRole("menuitemradio", { name: "Marsh County" }).click();
  await expect(mark(page, "E1-01")).toHaveAccessibleName(/GFCI missing/);
  await mark(page, "E1-01").click();
  await expect(panel(page).getByText("Amended: Marsh County, 2025-01-01, County code, book 3")).toBeVisible();
  await page.getByRole("button", { name: /^Edition it is judged by/ }).click();
  await page.getByRole("menuitemradio", { name: "NEC 2023" }).click();
  await expect(mark(page, "E1-01")).toHaveAccessibleName(/GFCI not asked/);
});

test("the survey stands on paper, every outlet with its clause", async ({ page }) => {
  await openDemoHouse(page);
  await page.getByRole("button", { name: "More about this house" }).click();
  await page.getByRole("menuitem", { name: "Survey on paper" }).click();
  await expect(page.getByRole("region", { name: "The three worst" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Survey of Plover Street 8" })).toBeVisible();
  await expect(page.getByText("Bench, right end")).toBeVisible();
  await expect(page.getByText("210.8(A)(2), 406.4(D)(3)").first()).toBeVisible();
  await expectAccessible(page);
  const pdf = await page.pdf({ format: "Letter" });
  // One page that says what matters, then the rooms: 54 outlets on two.
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)).toHaveLength(3);
});

test("a device's age is a range, from its date and from what it can do", async ({ page }) => {
  await openDemoHouse(page);
  await mark(page, "K1-05").click();
  await expect(panel(page).getByText(/installed 2008, it does not test itself/)).toBeVisible();
  await panel(page).getByRole("group", { name: "Tests itself" }).getByRole("button", { name: "not known" }).click();
  await expect(panel(page).getByText(/^\d+ years or more$/)).toBeVisible();
  await expectSaved(page, 1);
  await panel(page).getByLabel("Installed").fill("last year");
  await expect(panel(page).getByLabel("Installed")).toHaveAttribute("aria-invalid", "true");
});

test("what is plugged in is entered in a line, switched and pulled with a tap", async ({ page }) => {
  await openDemoHouse(page);
  const line = page.getByRole("textbox", { name: "Quick entry" });
  await line.fill("+ soldering station W1-04 60w on");
  await expect(page.getByText("Soldering station, at W1-04, 60 W, on")).toBeVisible();
  await line.press("Enter");
  await expectSaved(page, 1);
  await mark(page, "W1-04").click();
  const plugged = panel(page).getByRole("list", { name: "Plugged in" });
  await expect(plugged.getByText("Soldering station")).toBeVisible();
  await plugged.getByRole("button", { name: "Soldering station on" }).click();
  await expect(plugged.getByRole("button", { name: "Soldering station on" })).toHaveAttribute("aria-pressed", "false");
  await plugged
    .getByRole("listitem")
    .filter({ hasText: "Soldering station" })
    .getByRole("button", { name: "Unplug" })
    .click();
  await expect(plugged.getByText("Soldering station")).toHaveCount(0);
  await expect(plugged.getByText("Glue pot")).toBeVisible();
});
