import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { extname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { expect, test } from "@playwright/test";
import { build } from "vite";
import type { House } from "./drawings/main";

const ROOT = fileURLToPath(new URL("../..", import.meta.url));
const HOUSES = 200;
const AT = "http://drawings.test/";
const TYPES: Record<string, string> = { ".html": "text/html", ".js": "text/javascript", ".css": "text/css" };

/** On paper the drawing is as wide as the sheet between its margins: 7.3 inches. */
const SIZES = [
  { name: "a desk", width: 1280, height: 800, drawn: 792, print: false },
  { name: "a phone", width: 390, height: 844, drawn: 366, print: false },
  { name: "paper", width: 1280, height: 800, drawn: 700, print: true },
];

let houses: House[] = [];

test.beforeAll(async () => {
  test.setTimeout(180_000);
  await build({ configFile: join(ROOT, "tests/Browser/drawings/vite.config.ts") });
  const lines = execFileSync("php", [join(ROOT, "tests/Browser/drawings/houses.php"), `${HOUSES}`], {
    maxBuffer: 256 * 1024 * 1024,
  });
  houses = lines
    .toString()
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line) as House);
});

for (const size of SIZES) {
  test(`no word stands on another in two hundred houses, on ${size.name}`, async ({ page }) => {
    test.setTimeout(300_000);
    await page.route(`${AT}**`, (route) => {
      const path = new URL(route.request().url()).pathname;
      const file = join(ROOT, "var/drawings", path === "/" ? "index.html" : path);
      return route.fulfill({ body: readFileSync(file), contentType: TYPES[extname(file)] ?? "font/woff2" });
    });
    await page.setViewportSize(size);
    if (size.print) await page.emulateMedia({ media: "print" });
    await page.goto(AT);
    await page.evaluate((width) => {
      document.body.style.width = `${width}px`;
    }, size.drawn);
    await page.evaluate(() => document.fonts.load("12px 'Archivo Variable'"));
    let words = 0;
    const found: string[] = [];
    for (const [seed, house] of houses.entries()) {
      const said = await page.evaluate(
        ({ house, print }) =>
          (["rooms", "closed", "opened"] as const).map((what) => {
            window.draw(house, what, print);
            return { what, words: document.querySelectorAll(".label").length, found: window.collisions() };
          }),
        { house, print: size.print },
      );
      for (const one of said) {
        words += one.words;
        found.push(...one.found.map((text) => `house ${seed + 1}, ${one.what}: ${text}`));
      }
    }
    expect(houses).toHaveLength(HOUSES);
    // The test would pass over an empty page as well.
    expect(words).toBeGreaterThan(HOUSES * 60);
    expect(found.slice(0, 25), `${found.length} in all`).toEqual([]);
  });
}
