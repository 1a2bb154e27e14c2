import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The drawings alone, for the test of their words; it is not part of what is served. */
export default defineConfig({
  root: here("."),
  base: "./",
  plugins: [react(), tailwindcss()],
  resolve: { alias: { "@": here("../../../resources/js") } },
  build: { outDir: here("../../../var/drawings"), emptyOutDir: true },
  logLevel: "error",
});
