import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src/offline",
      filename: "worker.ts",
      // The page registers it itself.
      injectRegister: false,
      injectManifest: { globPatterns: ["**/*.{html,js,css,woff2,png}"] },
      manifest: {
        name: "Yard Cask",
        short_name: "Yard Cask",
        description: "Plans the fresh water of a van, bus, trailer or boat.",
        start_url: "/",
        display: "standalone",
        background_color: "#e7ecec",
        theme_color: "#e7ecec",
        icons: [192, 512].map((size) => ({
          src: `/icon-${size}.png`,
          sizes: `${size}x${size}`,
          type: "image/png",
          purpose: "any maskable",
        })),
      },
    }),
  ],
  build: { target: "es2022", sourcemap: false },
  server: { proxy: { "/api": "http://127.0.0.1:8080" } },
});
