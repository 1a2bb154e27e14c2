// Shared by the benches of the page: the demo house opened in Chromium, and the time from a tap on a device to its new verdict.
import { chromium } from "@playwright/test";

export const median = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)];

export async function launched() {
  return chromium.launch({
    executablePath: "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync"],
  });
}

export async function openDemo(page) {
  await page.goto("/sign-in");
  await page.getByLabel("Mail address").fill("rosa@demo.example");
  await page.getByLabel("Password").fill("plover-street-8");
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.getByRole("link", { name: /Plover Street 8/ }).first().click();
  await page.getByRole("button", { name: /^W1-04 / }).waitFor();
}

/** Milliseconds from each tap to the verdict on screen; W1-04 is selected, and is a GFCI and a plain one in turn. */
export async function tapsToVerdicts(page, runs) {
  const times = [];
  for (let run = 0; run < runs; run++) {
    const [to, verdict] = run % 2 === 0 ? ["GFCI", "GFCI met"] : ["Standard", "GFCI missing"];
    await page.getByRole("button", { name: /^Device: / }).click();
    await page.getByRole("menuitemradio", { name: to, exact: true }).waitFor();
    times.push(
      await page.evaluate(
        ([option, said]) =>
          new Promise((resolve) => {
            const item = [...document.querySelectorAll("[role=menuitemradio]")].find((one) => one.textContent === option);
            const start = performance.now();
            const watch = new MutationObserver(() => {
              if (document.querySelector("aside")?.textContent?.includes(said)) {
                watch.disconnect();
                requestAnimationFrame(() => resolve(performance.now() - start));
              }
            });
            watch.observe(document.body, { subtree: true, childList: true, characterData: true });
            item.click();
          }),
        [to, verdict],
      ),
    );
  }
  return times;
}

/** Milliseconds of bare round trips to the server, which has nothing to work out: what everything is held against. */
export async function roundTrips(page, runs) {
  const trips = [];
  for (let run = 0; run < runs; run++) {
    trips.push(
      await page.evaluate(async () => {
        const start = performance.now();
        await fetch("/up");
        return performance.now() - start;
      }),
    );
  }
  return trips;
}
