// Writes public/licences.txt: everything of others that ships with the application or runs in it, with its licence. Run by the build.
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const root = new URL("..", import.meta.url).pathname;
const read = (path) => JSON.parse(readFileSync(join(root, path), "utf8"));

/** The text of a licence as it lies beside a package, or nothing. */
function text(folder) {
  if (!existsSync(folder)) return "";
  const file = readdirSync(folder).find((name) => /^(licen[cs]e|copying)(\.|$|-)/i.test(name));
  return file === undefined ? "" : readFileSync(join(folder, file), "utf8").trim();
}

const npm = Object.entries(read("package-lock.json").packages)
  .filter(([path, one]) => path !== "" && !one.dev && !one.devOptional && existsSync(join(root, path, "package.json")))
  .map(([path]) => {
    const { name, version, license } = read(`${path}/package.json`);
    return { name, version, licence: license ?? "see below", text: text(join(root, path)) };
  });

const composer = read("vendor/composer/installed.json");
const dev = new Set(composer["dev-package-names"]);
const php = composer.packages
  .filter((one) => !dev.has(one.name))
  .map((one) => ({
    name: one.name,
    version: one.version,
    licence: (one.license ?? []).join(", "),
    text: text(join(root, "vendor", one.name)),
  }));

const all = [...npm, ...php].sort((a, b) => a.name.localeCompare(b.name));
writeFileSync(
  join(root, "public/licences.txt"),
  [
    "What of others ships with Bouclier, or runs in it, and under which licence.",
    "",
    "The engine (public/engine: PHP in the browser) is a program of its own, under the GNU General Public License, version 2 or later; the",
    "application talks to it by messages only. Its source is the packages named @php-wasm below and the folder engine/ of the application.",
    "",
    ...all.map((one) => `${one.name} ${one.version}: ${one.licence}`),
    "",
    ...all.filter((one) => one.text !== "").flatMap((one) => ["=".repeat(80), `${one.name} ${one.version}`, "", one.text, ""]),
  ].join("\n"),
);
console.log(`${all.length} packages`);
