import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { expect, type Page, test } from "@playwright/test";
import { DEMO_FILE, expectAccessible, mark, openDemoHouse, panel } from "./house";

const STAND_IN = fileURLToPath(new URL("../../bin/meter-stand-in", import.meta.url));

async function measureAt(page: Page, code: string): Promise<void> {
  await openDemoHouse(page);
  await mark(page, code).click();
  await page.getByRole("button", { name: "Measure", exact: true }).click();
  await expect(panel(page).getByText("If all is well")).toBeVisible();
}

test("a reading stands beside what the model expects, and a difference is put in words", async ({ page }) => {
  await measureAt(page, "K1-02");
  await expect(
    panel(page)
      .getByText(/^121\.\d V$/)
      .first(),
  ).toBeVisible();
  await panel(page).getByLabel("Volts read").fill("121");
  await panel(page).getByRole("button", { name: "File it" }).first().click();
  const read = panel(page).getByRole("region", { name: "What was read" });
  await expect(read).toContainText("Hot to neutral 121 V");
  await expect(read).not.toContainText("poor joint");
  await panel(page).getByLabel("Volts read").fill("104,5");
  await panel(page).getByRole("button", { name: "File it" }).first().click();
  await expect(read).toContainText("Hot to neutral 104.5 V");
  await expect(read).toContainText("A poor joint upstream under load");
  await expectAccessible(page);
});

test("the leakage of a device shows what each thing adds, and the rest without it", async ({ page }) => {
  await measureAt(page, "K1-01");
  const budget = panel(page).getByRole("region", { name: "Leakage through K1-01" });
  await expect(budget.getByRole("heading")).toContainText("0.68 mA");
  await budget.getByRole("button", { name: /^Water kettle/ }).click();
  await expect(budget.getByRole("heading")).toContainText("of 0.68");
  await expect(budget.getByRole("heading")).not.toContainText(": 0.68");
});

test("a trip time stands on the curve of the limit", async ({ page }) => {
  await measureAt(page, "K1-01");
  await panel(page).getByLabel("How long it took").fill("0.043");
  await panel(page).getByRole("button", { name: "It opened itself" }).click();
  await expect(panel(page).getByText(/43 ms at 8\.1 mA: good, the limit is \d+ ms/)).toBeVisible();
  await panel(page).getByRole("button", { name: "ms", exact: true }).click();
  await panel(page).getByLabel("How long it took").fill("5200");
  await panel(page).getByRole("button", { name: "It opened itself" }).click();
  await expect(panel(page).getByText(/over the limit of \d+ ms\. Replace it/)).toBeVisible();
});

test("a meter that is not there sends what it reads in a house with hidden faults, and a tap files it", async ({
  page,
  baseURL,
}) => {
  await page.goto("/instruments");
  await page.getByLabel("Which meter").fill("Bench");
  await page.getByRole("button", { name: "Make a token" }).click();
  const token = (await page.locator(".code.break-all").textContent()) ?? "";
  await measureAt(page, "E1-03");
  const demo = JSON.parse(readFileSync(DEMO_FILE, "utf8")) as Record<string, unknown>;
  const hidden = join(mkdtempSync(join(tmpdir(), "meter-")), "house.json");
  const faults = [{ kind: "high_resistance", at: { cable: "w23" }, conductor: "neutral", ohms: 500_000 }];
  writeFileSync(hidden, JSON.stringify({ ...demo, faults }));
  const send = (with_: string, ...readings: string[]) =>
    execFileSync(
      STAND_IN,
      ["--to", baseURL ?? "", "--token", with_, "--house", hidden, "--at", "e3", "--seed", "5", ...readings],
      { encoding: "utf8", stdio: ["ignore", "pipe", "pipe"] },
    );
  expect(send(token, "hn", "hg")).toContain('"between":"hn"');
  const arrived = panel(page).getByRole("region", { name: "From the meter" });
  await expect(arrived.getByRole("button", { name: "File at E1-03" })).toHaveCount(2);
  await expectAccessible(page);
  await arrived
    .locator("div")
    .filter({ hasText: "hot to neutral" })
    .getByRole("button", { name: "File at E1-03" })
    .click();
  const read = panel(page).getByRole("region", { name: "What was read" });
  await expect(read).toContainText("an open conductor");
  // What is filed goes from the list by an answer of its own.
  await expect(arrived.getByRole("button", { name: "Put away" })).toHaveCount(1);
  await arrived.getByRole("button", { name: "Put away" }).click();
  await expect(arrived).toHaveCount(0);
  expect(() => send("1|wrong", "hn")).toThrow(/not taken/);
});
