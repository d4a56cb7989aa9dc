import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [laravel({ input: "ui/src/main.tsx", refresh: false }), react()],
  build: { sourcemap: false, chunkSizeWarningLimit: 1000 },
});
