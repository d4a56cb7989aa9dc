import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

/** What the screen works out without a page (*.spec.ts), and its pages and parts in a document without a browser (*.spec.tsx). */
export default defineConfig({
  plugins: [react({ compiler: true })],
  test: {
    allowOnly: false,
    maxWorkers: 2,
    testTimeout: 120_000,
    projects: [
      { extends: true, test: { name: "device", include: ["tests/screen/**/*.spec.ts"], environment: "node" } },
      {
        extends: true,
        test: {
          name: "pages",
          include: ["tests/screen/**/*.spec.tsx"],
          environment: "jsdom",
          setupFiles: ["tests/screen/support/page.ts"],
        },
      },
    ],
  },
});
