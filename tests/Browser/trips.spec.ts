import { expect, type Page, test } from "@playwright/test";
import { ask, expectAccessible, expectSaved, openDemoHouse } from "./house";
import { Hidden, hunt, tripsOf } from "./hunt";

async function takeCall(
  page: Page,
  at: string | RegExp,
  when: string,
  running: RegExp | null,
  words: string,
): Promise<void> {
  await page.getByRole("button", { name: /^Call/ }).click();
  await page.getByRole("button", { name: "It trips", exact: true }).click();
  await page.getByRole("button", { name: /^Which device, breaker or outlet/ }).click();
  await page.getByRole("menuitemradio", { name: at, exact: true }).click();
  await page.getByRole("button", { name: when, exact: true }).click();
  if (running) await page.getByRole("button", { name: running }).click();
  await page.getByLabel("In the customer's words").fill(words);
  await page.getByRole("button", { name: "Who is suspected?" }).click();
  await expect(page.getByText("First suspects")).toBeVisible();
}

test("the breaker that goes off on ironing day is traced to the iron, and the call remembered", async ({ page }) => {
  await openDemoHouse(page);
  await takeCall(page, "Breaker 8 Wash and bath", "Under load", /Steam iron/, "Always on ironing day");
  await expect(page.getByText("The steam iron leaks to ground").first()).toBeVisible();
  await expect(page.getByText("A clamp that reads below 1 mA")).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "On site: find it" }).click();
  await expect(page.getByRole("region", { name: "Suspects" }).getByRole("listitem")).not.toHaveCount(0);
  await expectAccessible(page);

  const steps = await hunt(page, new Hidden([{ kind: "leak", at: { appliance: "iron" }, ohms: 9000 }]), 15);
  expect(steps).toBeLessThan(15);
  const settled = page.getByRole("region", { name: "Settled" });
  await expect(settled.getByRole("heading", { level: 2 })).toHaveText("The steam iron leaks to ground");
  await expect(settled).toContainText("Do not use it until it has been repaired or replaced");
  await expectAccessible(page);

  // A fact withdrawn: it is not settled any more, and what stands there says so.
  const facts = page.getByRole("region", { name: "Known" });
  await facts
    .getByRole("button", { name: /^Withdraw fact/ })
    .last()
    .click();
  await expect(page.getByRole("region", { name: "Next test" })).toBeVisible();
  await page.getByRole("button", { name: /^Undo/ }).click();
  await expect(settled).toBeVisible();

  for (const box of await settled.getByRole("checkbox").all()) await box.check();
  await settled.getByLabel("What was done").fill("Iron taken out of use");
  await settled.getByRole("button", { name: "Proved: close the call" }).click();
  await expect(page.getByText("No call is open.")).toBeVisible();
  await page.getByRole("button", { name: "Take the call" }).click();
  await expect(page.getByRole("region", { name: "Earlier calls" })).toContainText("The steam iron leaks to ground");
});

test("a neutral on ground behind a receptacle that reads correct is found, its box opened only where it is proved dead", async ({
  page,
}) => {
  // Up to twenty-five tests, each read and answered.
  test.setTimeout(300_000);
  await openDemoHouse(page);
  await takeCall(page, "K1-01 Window counter, device", "At once", null, "Clicks out the moment it is reset");
  await page.getByRole("button", { name: "On site: find it" }).click();
  const steps = await hunt(page, new Hidden([{ kind: "neutral_ground", at: { point: "k2" }, ohms: 0.6 }], "c5"), 25);
  expect(steps).toBeLessThan(25);
  const settled = page.getByRole("region", { name: "Settled" });
  await expect(settled.getByRole("heading", { level: 2 })).toHaveText(/^Neutral touches ground in the box of K1-02/);
  await expect(settled).toContainText("Fold the ground clear of the neutral terminal");
});

test("what cannot be done is not asked again, and another test can be done instead", async ({ page }) => {
  await openDemoHouse(page);
  await takeCall(page, "Breaker 8 Wash and bath", "At once", null, "Goes off at once");
  await page.getByRole("button", { name: "On site: find it" }).click();
  const next = page.getByRole("region", { name: "Next test" });
  const first = await next.getByRole("heading").textContent();
  await next.getByRole("button", { name: "I cannot do that" }).click();
  await expect(next.getByRole("heading")).not.toHaveText(first ?? "");
  const other = page.getByRole("region", { name: "Other tests" }).getByRole("button").first();
  const title = await other.locator("span").first().textContent();
  await other.click();
  // It opens where it was tapped; the best one stays where it is.
  const instead = page.getByRole("region", { name: "Instead" });
  await expect(instead.getByRole("heading")).toHaveText(title ?? "");
  await expect(next.getByRole("heading")).not.toHaveText(title ?? "");
  await instead.getByRole("button", { name: "put it back" }).click();
  await expect(instead).toHaveCount(0);
  await page.getByRole("region", { name: "Known" }).getByRole("button", { name: "It can now" }).click();
  await expect(next.getByRole("heading")).toHaveText(first ?? "");
});

test("a dropped call keeps its tests to itself, and is opened again with them", async ({ page }) => {
  await openDemoHouse(page);
  await takeCall(page, "Breaker 8 Wash and bath", "At once", null, "Goes off at once");
  await page.getByRole("button", { name: "On site: find it" }).click();
  const next = page.getByRole("region", { name: "Next test" });
  await expect(
    next.getByText(/tells (the two likeliest apart|whether it is the likeliest|among the less likely)/),
  ).toBeVisible();
  await hunt(page, new Hidden([{ kind: "leak", at: { appliance: "iron" }, ohms: 9000 }]), 1);
  const done = (await tripsOf(page)).facts.length;
  expect(done).toBeGreaterThan(0);
  await page.getByRole("button", { name: /^Call/ }).click();
  await page.getByRole("button", { name: "Drop this call" }).click();
  await expect(page.getByRole("heading", { name: "What does the customer say?" })).toBeVisible();
  await takeCall(page, "K1-01 Window counter, device", "At once", null, "Another thing");
  expect((await tripsOf(page)).facts).toEqual([]);
  await page.getByRole("button", { name: "Drop this call" }).click();
  const earlier = page.getByRole("region", { name: "Earlier calls" });
  await expect(earlier.getByRole("listitem")).toHaveCount(2);
  await earlier
    .getByRole("listitem")
    .filter({ hasText: "Wash and bath" })
    .getByRole("button", { name: "Open it again" })
    .click();
  await expect(page.getByRole("heading", { level: 2 }).first()).toContainText("Wash and bath");
  await expect.poll(async () => (await tripsOf(page)).facts.length).toBe(done);
});

test("which is it: what every outlet would read if a suspect were it, in the runs and under Measure", async ({
  page,
}) => {
  await openDemoHouse(page);
  await takeCall(page, "Breaker 8 Wash and bath", "Under load", /Steam iron/, "Always on ironing day");
  await page.getByRole("button", { name: "On site: find it" }).click();
  const suspect = page
    .getByRole("region", { name: "Suspects" })
    .getByRole("listitem")
    .filter({ hasText: "steam iron leaks" });
  await suspect.getByRole("button", { name: "What it would look like" }).first().click();
  const would = page.getByRole("region", { name: "What it would look like" });
  await expect(would.getByRole("heading")).toHaveText(/^If it is: The steam iron leaks to ground/);
  await expect(would).toContainText(/As it was told, breaker 8 Wash and bath would see about \d+\.\d mA/);
  // Until it is reset the breaker stands open.
  await expect(page.getByRole("button", { name: /^U1-02 .*: would read dark, not as it should/ })).toBeVisible();
  await expectAccessible(page);
  // From outlet to outlet it stays picked.
  await would.getByRole("button", { name: /^U1-02/ }).click();
  await page.getByRole("button", { name: "Measure", exact: true }).click();
  const here = page.getByRole("complementary").getByRole("region", { name: "What it would look like" });
  await expect(here).toContainText(/clamp on its feed about \d+\.\d mA/);
  await here.getByRole("button", { name: /^What it would look like/ }).click();
  await page.getByRole("menuitemradio", { name: "As it is known" }).click();
  await expect(would).toHaveCount(1);
  await expect(page.getByRole("button", { name: /^U1-02 .*: GFCI/ })).toBeVisible();
});

test("in a box stands what the call asks for there, and the way on", async ({ page }) => {
  await openDemoHouse(page);
  await takeCall(page, "K1-01 Window counter, device", "At once", null, "Clicks out the moment it is reset");
  // With all unplugged it trips as before: what is left is in the wiring. Without instruments boxes are opened.
  await ask(page, "call/tests", {
    tests: [
      { action: { do: "unplug_all", circuit: "c5" }, reading: { tripped: [] } },
      {
        action: { do: "reset", at: { point: "k1" } },
        reading: { holds: false, tripped: ["k1"], no_power: false },
      },
    ],
  });
  for (const what of ["volts", "tester", "tester_button", "clamp", "insulation", "non_contact", "residual", "trial"])
    await ask(page, "call/cannot", { what, cannot: true });
  await page.reload();
  await page.getByRole("button", { name: /^(On site: find it|Go on finding it)/ }).click();
  const next = page.getByRole("region", { name: "Next test" });
  await expect(next).toContainText("opens a box");
  const title = (await next.getByRole("heading").textContent()) ?? "";
  await next.getByRole("button", { name: "Make it safe" }).click();
  // The same test stands in the box, and no hands are offered there before it is proved dead.
  const here = page.getByRole("region", { name: "For the open call" });
  await expect(here.getByRole("region", { name: "Next test" }).getByRole("heading")).toHaveText(title);
  await expect(here).toContainText(/is on|proved dead/);
  await expect(here.getByRole("button", { name: "Make it safe" })).toHaveCount(0);
  await expectAccessible(page);
  // In the box of another outlet it says where it goes on.
  await page.goto(`${new URL(page.url()).pathname.replace(/\/trips.*/, "")}/trips/W1-01/box`);
  await expect(here).toContainText(`Next: ${title}`);
  await here.getByRole("button", { name: "Go on there" }).click();
  await expect(here.getByRole("region", { name: "Next test" }).getByRole("heading")).toHaveText(title);
});

test("what is answered on the phone is tapped, and moves the suspects", async ({ page }) => {
  await openDemoHouse(page);
  await takeCall(page, "K1-01 Window counter, device", "Not known when", null, "It goes off");
  const first = async () => (await tripsOf(page)).suspects[0]?.name ?? "";
  const before = await first();
  expect(before).toContain("leaks to ground");
  const asked = page.getByRole("group", { name: /Does it stay in/ });
  await asked.getByRole("button", { name: "No, it pops again" }).click();
  await expect(asked.getByRole("button", { name: "No, it pops again" })).toHaveAttribute("aria-pressed", "true");
  // With all unplugged it is no appliance: the first suspect is another, on the screen as well.
  await expect.poll(first).not.toBe(before);
  await expect(page.getByRole("region", { name: "The call" }).getByRole("listitem").first()).toContainText(
    await first(),
  );
  await page.getByLabel("Which outlets and lights are dead now?").fill("The counter");
  await page
    .getByRole("group", { name: /worked there/ })
    .getByRole("button", { name: "Yes" })
    .click();
  await page.reload();
  await expect(page.getByLabel("Which outlets and lights are dead now?")).toHaveValue("The counter");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Go on finding it" }).click();
  await expect(page.getByRole("region", { name: "Known" })).toContainText("Unplug everything on breaker 5");
});

test("a householder answers on a page of their own, and the answers come back to the call", async ({
  page,
  browser,
}) => {
  await openDemoHouse(page);
  await takeCall(page, "K1-01 Window counter, device", "Not known when", null, "It trips");
  await page.getByRole("button", { name: "Make a page of them to send" }).click();
  const url = await page.getByText(/\/for-you\//).textContent();
  const theirs = await browser.newContext({ storageState: { cookies: [], origins: [] } });
  const home = await theirs.newPage();
  await home.goto(url ?? "");
  await home.getByRole("button", { name: "Now and then" }).click();
  await home.getByRole("button", { name: "Over 10 years" }).click();
  await expectAccessible(home);
  await home.getByRole("button", { name: "Send" }).click();
  await expect(home.getByRole("status")).toContainText("Sent");
  await theirs.close();
  await page.reload();
  await expect(page.getByText("2 answered.")).toBeVisible();
  await page.getByRole("button", { name: "Take it into the call" }).click();
  await expect(page.getByRole("heading", { name: /now and then/ })).toBeVisible();
  await expect(page.getByRole("button", { name: "Over 10 years" })).toHaveAttribute("aria-pressed", "true");
});

test("an empty house needs a circuit, a device and three appliances, and suspects at once", async ({ page }) => {
  await page.goto("/houses");
  await page.getByLabel("Street and number").fill("Heron Court 2");
  await page.getByRole("button", { name: "Start this house" }).click();
  await expect(page.getByRole("heading", { name: "Rooms" })).toBeVisible();
  const line = page.getByRole("textbox", { name: "Quick entry" });
  let change = 0;
  for (const text of [
    "#7 20 Kitchen",
    "K1 kit sink",
    "ct 20 gfci #7",
    "+ kettle K1-01 1500w",
    "+ toaster K1-01 900w",
    "+ lamp K1-01 60w",
  ]) {
    await line.focus();
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
    await expectSaved(page, ++change);
    await expect(line).toHaveValue("");
  }
  await takeCall(page, /^K1-01 .*device$/, "At once", null, "It trips at once");
  await expect(page.getByText(/The kettle leaks to ground/).first()).toBeVisible();
});
