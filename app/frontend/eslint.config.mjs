import js from "@eslint/js";
import globals from "globals";

export default [
  { ignores: ["dist", "node_modules", "toolchain"] },
  js.configs.recommended,
  {
    files: ["scripts/*.js"],
    languageOptions: { globals: { ...globals.browser, htmx: "readonly" } },
    rules: { eqeqeq: "error", "no-var": "error", "prefer-const": "error", "no-implicit-globals": "error" },
  },
  { files: ["tests/*.js", "*.mjs"], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
];
