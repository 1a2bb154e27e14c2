import { fileURLToPath } from "node:url";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

export default defineConfig({
  plugins: [
    laravel({ input: ["resources/js/app.tsx"], refresh: true }),
    react(),
    tailwindcss(),
    VitePWA({
      strategies: "injectManifest",
      srcDir: "resources/js/sw",
      filename: "sw.ts",
      injectRegister: false,
      // The page links it, and registers the worker itself.
      manifest: false,
      injectManifest: {
        globPatterns: ["assets/**/*.{js,css,woff2}"],
        // Files are served below /build; the worker is served at the root, for all pages.
        modifyURLPrefix: { "assets/": "/build/assets/" },
        dontCacheBustURLsMatching: /-[\w-]{8}\./,
        maximumFileSizeToCacheInBytes: 3_000_000,
      },
    }),
  ],
  build: { modulePreload: false },
  resolve: { alias: { "@": fileURLToPath(new URL("./resources/js", import.meta.url)) } },
});
