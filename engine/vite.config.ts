import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { basename, join, relative } from "node:path";
import { fileURLToPath } from "node:url";
import { gzipSync } from "node:zlib";
import { defineConfig, type Plugin } from "vite";

/** The engine is a program of its own, built by itself into public/engine: see README.md beside this file. */

const root = fileURLToPath(new URL("..", import.meta.url));
const out = join(root, "public/engine");

/** What PHP in the worker has to have before it: our core and sheets, and the schema validator they use. */
const PHP_FOLDERS: [string, string][] = [
  ["core", "core"],
  ["sheets", "sheets"],
  ["engine/php", "engine"],
  ["vendor/opis/json-schema/src", "opis/JsonSchema"],
  ["vendor/opis/uri/src", "opis/Uri"],
  ["vendor/opis/string/src", "opis/String"],
];

/** Files of a folder that PHP needs, by their path in the worker. */
function phpFiles(folder: string, as: string): [string, string][] {
  return readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile() && file.name.endsWith(".php"))
    .map((file) => {
      const path = join(file.parentPath, file.name);
      const name = relative(join(root, folder), path);
      const place = basename(path) === "worker.php" ? "worker.php" : `${as}/${name}`;
      return [place, readFileSync(path, "utf8")];
    });
}

/** The packages import their .wasm as a file: its address is what they want. Their extension is nothing we use. */
function phpAssets(): Plugin {
  const INTL = "\0no-intl";
  return {
    name: "php-assets",
    enforce: "pre",
    resolveId(id) {
      return id.includes("intl.so") ? INTL : null;
    },
    load(id) {
      if (id === INTL) return "export default '';";
      if (!id.endsWith(".wasm")) return null;
      const flavour = id.includes("/jspi/") ? "jspi" : "asyncify";
      const ref = this.emitFile({ type: "asset", name: `php-${flavour}.wasm`, source: readFileSync(id) });
      return `export default import.meta.ROLLUP_FILE_URL_${ref};`;
    },
  };
}

/** Our PHP as one file; and a list of what the engine needs, with its size, so that it can be fetched ahead and shown how far it is. */
function phpBundle(): Plugin {
  return {
    name: "php-bundle",
    generateBundle(_options, bundle) {
      const php = JSON.stringify(Object.fromEntries(PHP_FOLDERS.flatMap(([folder, as]) => phpFiles(folder, as)).sort()));
      const name = `core-${createHash("sha256").update(php).digest("hex").slice(0, 8)}.json`;
      this.emitFile({ type: "asset", fileName: name, source: php });
      const worker = Object.values(bundle).find((one) => one.type === "chunk" && one.isEntry)?.fileName ?? "";
      this.emitFile({ type: "asset", fileName: "engine.json", source: JSON.stringify({ worker, core: name }) });
    },
    writeBundle(_options, bundle) {
      const files = Object.keys(bundle).filter((name) => name !== "engine.json");
      const list = files.map((name) => {
        const path = join(out, name);
        // Sent as it lies there: nobody packs megabytes anew for every phone.
        writeFileSync(`${path}.gz`, gzipSync(readFileSync(path), { level: 9 }));
        const flavour = name.includes("asyncify") ? "asyncify" : name.includes("jspi") ? "jspi" : null;
        return { file: name, flavour, bytes: statSync(`${path}.gz`).size, unpacked: statSync(path).size };
      });
      const engine = JSON.parse(readFileSync(join(out, "engine.json"), "utf8"));
      writeFileSync(join(out, "engine.json"), JSON.stringify({ ...engine, files: list }));
    },
  };
}

export default defineConfig({
  root: fileURLToPath(new URL(".", import.meta.url)),
  base: "/engine/",
  publicDir: false,
  plugins: [phpAssets(), phpBundle()],
  build: {
    outDir: out,
    emptyOutDir: true,
    target: "es2022",
    modulePreload: false,
    rollupOptions: {
      input: fileURLToPath(new URL("worker.ts", import.meta.url)),
      preserveEntrySignatures: "strict",
      output: {
        entryFileNames: "worker-[hash].js",
        chunkFileNames: (chunk) => {
          const flavour = /\/(jspi|asyncify)\//.exec(chunk.facadeModuleId ?? chunk.moduleIds[0] ?? "")?.[1];
          return `${flavour === undefined ? "[name]" : `php-${flavour}`}-[hash].js`;
        },
        assetFileNames: "[name]-[hash][extname]",
      },
    },
  },
});
