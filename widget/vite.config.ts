import { copyFileSync, mkdirSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";

const here = dirname(fileURLToPath(import.meta.url));
const out = join(here, "..", "dist", "widget");
const require = createRequire(import.meta.url);

export default defineConfig({
  root: here,
  build: {
    outDir: out,
    emptyOutDir: true,
    target: "es2020",
    lib: { entry: join(here, "src", "chat.ts"), formats: ["iife"], name: "GentianChat", fileName: () => "chat.js" },
  },
  plugins: [
    {
      name: "fonts",
      closeBundle() {
        mkdirSync(join(out, "fonts"), { recursive: true });
        for (const font of ["literata", "hanken-grotesk"])
          copyFileSync(
            join(dirname(require.resolve(`@fontsource-variable/${font}/package.json`)), "files", `${font}-latin-wght-normal.woff2`),
            join(out, "fonts", `${font}.woff2`),
          );
      },
    },
  ],
});
