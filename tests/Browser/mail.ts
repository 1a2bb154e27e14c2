import { existsSync, readFileSync } from "node:fs";
import { expect, type Page } from "@playwright/test";

/** Mail that comes from now on: the log is the stand-in for a mail server. Links are found by what is in them. */
export function mailFromNow(): { link: (wanted: RegExp) => Promise<string> } {
  const log = `${process.env.LARAVEL_STORAGE_PATH ?? "var/test/storage"}/logs/mail.log`;
  // The log comes with the first mail.
  const read = () => (existsSync(log) ? readFileSync(log, "utf8") : "");
  const before = read().length;
  return {
    link: async (wanted) => {
      let found: string | undefined;
      await expect
        .poll(() => {
          found = wanted.exec(read().slice(before))?.[0];
          return found;
        })
        .toBeDefined();
      return (found ?? "").replaceAll("&amp;", "&");
    },
  };
}

/** A crew of somebody else, whose owner is signed in on the page. */
export async function registerCrew(
  page: Page,
  crew: string,
  name: string,
  email: string,
  password: string,
): Promise<void> {
  const mail = mailFromNow();
  await page.goto("/register");
  await page.getByLabel("Name of the crew").fill(crew);
  await page.getByLabel("Your name").fill(name);
  await page.getByLabel("Mail address").fill(email);
  await page.getByLabel("Password", { exact: true }).fill(password);
  await page.getByLabel("Password again").fill(password);
  await page.getByRole("button", { name: "Register" }).click();
  await expect(page.getByText("A mail is on its way to that address")).toBeVisible();
  await page.goto(await mail.link(/\/register\/confirm\/[A-Za-z0-9]{40}/));
  await page.getByRole("button", { name: "Open it" }).click();
  await expect(page.getByText(`${crew}, ${name}`)).toBeVisible();
}
