import { expect, test } from "@playwright/test";
import { choose, expectAccessible, goTo, mark, openDemoHouse } from "./house";
import { registerCrew } from "./mail";

test.beforeEach(async ({ page }) => openDemoHouse(page));

test("from the demo house to a scope that is accepted, and filed", async ({ page, browser }) => {
  await goTo(page, "Decide");
  await expect(page.getByRole("heading", { name: "43 outlets want protection. Three ways." })).toBeVisible();
  for (const plan of ["Fewest parts", "Reset where you stand", "At the panel"])
    await expect(page.getByRole("region", { name: plan, exact: true })).toBeVisible();
  await expect(page.getByRole("region", { name: "What each protects" })).toBeVisible();
  const scope = page.getByRole("complementary", { name: "Scope and price" });
  await expect(scope.getByRole("region", { name: "Must" })).toContainText("Protect 43 outlets");
  await expectAccessible(page);

  // A line on the runs, beside the plan; and back.
  const hood = scope.getByRole("listitem").filter({ hasText: "Cable of 12 AWG to B1-09." });
  await hood
    .getByText(/240\.4\(D\)/)
    .first()
    .click();
  await hood.getByRole("button", { name: "On the runs" }).click();
  await expect(page.getByRole("heading", { name: "A line of the scope, on the runs" })).toBeVisible();
  await page.getByRole("button", { name: /^Fewest parts/ }).click();
  await expect(page.getByRole("heading", { name: "Fewest parts, on the runs" })).toBeVisible();
  await scope.getByText("Parts for the van").click();
  await scope.getByRole("button", { name: /^\d GFCI receptacle, 15 A: to be bought$/ }).click();
  await expect(scope.getByRole("button", { name: /^\d GFCI receptacle, 15 A: on the van$/ })).toBeVisible();

  // What is ticked is added up as it is done together.
  const total = scope.getByText(/^\d,\d{3}\.\d\d$/).last();
  const before = await total.textContent();
  await scope.getByRole("checkbox", { name: /^In-use hood at Y1-01/ }).uncheck();
  await expect(total).not.toHaveText(before ?? "");

  await scope.getByRole("button", { name: "Print or send what is ticked" }).click();
  const offers = scope.getByRole("region", { name: "For the customer" });
  await expect(offers).toContainText("Not seen yet");
  const paper = await page.request.get(
    (await offers.getByRole("link", { name: "On paper" }).getAttribute("href")) ?? "",
  );
  expect(paper.headers()["content-type"]).toBe("application/pdf");
  const url = (await offers.getByRole("link", { name: "The customer's page" }).getAttribute("href")) ?? "";

  const outside = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const customer = await outside.newPage();
  await customer.goto(url);
  await expect(customer.getByRole("heading", { name: "Scope and price" })).toBeVisible();
  await expectAccessible(customer);
  const first = customer.getByText(/^\d,\d{3}\.\d\d$/).last();
  const all = await first.textContent();
  await customer.getByRole("checkbox", { name: /^A wire is too thin/ }).click();
  await expect(first).not.toHaveText(all ?? "");
  await customer.getByLabel("Your name, to accept what is ticked").fill("Ivo Marsh");
  await customer.getByRole("button", { name: "Accept" }).click();
  await expect(customer.getByText(/^Accepted by Ivo Marsh/)).toBeVisible();
  await outside.close();

  await page.reload();
  await expect(offers).toContainText(/Accepted by Ivo Marsh, .*: 14 of 15/);
  await expect(offers).toContainText(/Filed: Ivo Marsh, /);
});

test("a plan is kept as a draft, looked at on the runs, and carried out box by box", async ({ page }) => {
  await goTo(page, "Decide");
  await page.getByRole("button", { name: /^Reset where you stand/ }).click();
  await expect(page.getByRole("heading", { name: "Reset where you stand, on the runs" })).toBeVisible();
  await page.getByRole("button", { name: "Keep it as a draft" }).click();
  const drafts = page.getByRole("region", { name: "Drafts" });
  await drafts.getByRole("button", { name: /^Reset where you stand/ }).click();
  await expect(page.getByRole("heading", { name: "Reset where you stand, on the runs" })).toBeVisible();
  await drafts.getByRole("button", { name: "W1-01 done" }).click();
  await expect(drafts.getByRole("button", { name: "W1-01 done" })).toHaveCount(0);
  await goTo(page, "Survey");
  await expect(mark(page, "W1-01")).toHaveAccessibleName(/GFCI met/);
  await goTo(page, "Decide");
  await drafts.getByRole("button", { name: "Carry it out" }).click();
  await expect(page.getByRole("heading", { name: /^2 outlets want protection/ })).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(drafts).toBeVisible();
});

test("every plan that no other beats is a tap away", async ({ page }) => {
  await goTo(page, "Decide");
  const between = page.getByRole("region", { name: "Between them" });
  const balance = between.getByRole("slider", { name: /^The balance/ });
  await balance.focus();
  await page.keyboard.press("End");
  await expect(page.getByRole("heading", { name: /^Between, 1,\d{3}, on the runs$/ })).toBeVisible();
  await expect(balance).toHaveAttribute("aria-valuetext", /^1,\d{3}, 2 reset elsewhere, \d\.\d mA to spare$/);
});

test("an outlet in the bathroom is refused from the wrong circuit and taken from one that may feed it", async ({
  page,
}) => {
  await goTo(page, "Decide");
  await page.getByRole("button", { name: "Add an outlet" }).click();
  const sheet = page.getByRole("dialog", { name: "Add an outlet" });
  await choose(page, "In which room", "B1 Hall bath");
  await choose(page, "What it is for", "Countertop");
  await expect(
    sheet.getByText(/^B1-01, B1-10: bathroom receptacles on circuit 8 .*\(210\.11\(C\)\(3\)\)$/).first(),
  ).toBeVisible();
  await expectAccessible(page);
  const own = sheet.getByRole("listitem").filter({ hasText: "A circuit of its own" }).first();
  await own.getByRole("button", { name: "Keep it as a draft" }).click();
  const drafts = page.getByRole("region", { name: "Drafts" });
  await drafts.getByRole("button", { name: "Carry it out" }).click();
  await goTo(page, "Survey");
  await expect(mark(page, "B1-10")).toHaveAccessibleName(/GFCI met/);
});

test("what if is a draft: looked at with what it brings and what it ends, and dropped", async ({ page }) => {
  await goTo(page, "Decide");
  await page.getByRole("button", { name: "What if" }).click();
  await page.getByRole("button", { name: "A device moved" }).click();
  await choose(page, "The device of", "W1-02 Bench, left end");
  await choose(page, "Would be at", "W1-01 By the side door");
  await page.getByRole("button", { name: "Keep it as a draft" }).click();
  const drafts = page.getByRole("region", { name: "Drafts" });
  await drafts.getByRole("button", { name: /^GFCI of W1-02 at W1-01/ }).click();
  const runs = page.getByRole("region", { name: "On the runs" });
  await expect(runs).toContainText("W1-01: GFCI for Standard.");
  await expect(runs).toContainText(/Then \d+ still want protection\./);
  await drafts.getByRole("button", { name: "Drop it" }).click();
  await expect(drafts).toHaveCount(0);
});

test("a crew's own price is put by itself or by a table, and a bad table says where", async ({ browser }) => {
  const page = await (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
  await registerCrew(page, "Own Prices", "Odo Other", `odo.${Date.now()}@other.example`, "long enough words");
  await page.goto("/prices");
  const line = page.getByRole("listitem").filter({ hasText: "GFCI receptacle" }).first();
  await line.getByRole("textbox").fill("30");
  await line.getByRole("button", { name: "Keep" }).click();
  await expect(line).toContainText("your own");
  const table = (rows: string) => ({ name: "prices.csv", mimeType: "text/csv", buffer: Buffer.from(rows) });
  const take = page.getByLabel("In from a table");
  await take.setInputFiles(table("what,name,said,value\npart,gold_receptacle,,9\n"));
  await expect(page.getByRole("alert")).toHaveText('row 2: there is no part "gold_receptacle"');
  await take.setInputFiles(table("what,name,said,value\nminutes,swap,,25\n"));
  await expect(page.getByRole("listitem").filter({ hasText: "A receptacle changed" })).toContainText("your own");
  await expect(line).toContainText("your own");
  await expectAccessible(page);
  await page.context().close();
});
