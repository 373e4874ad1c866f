import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["web/public/**", "dist/**", "**/node_modules/**", "**/*.cjs", "scripts/*.mjs", "eslint.config.js", "**/vite.config.ts"] },
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: { parserOptions: { project: ["./tsconfig.json", "./web/tsconfig.json", "./widget/tsconfig.json"], tsconfigRootDir: import.meta.dirname } },
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true, allowBoolean: true }],
      "@typescript-eslint/switch-exhaustiveness-check": "off",
    },
  },
  {
    files: ["**/*.test.ts", "e2e/**", "bench/**"],
    rules: { "@typescript-eslint/no-unsafe-assignment": "off", "@typescript-eslint/no-unsafe-member-access": "off" },
  },
);
