import next from "eslint-config-next/core-web-vitals";
import tseslint from "typescript-eslint";

export default tseslint.config(
  {
    ignores: [".next*/**", ".build/**", ".data/**", "node_modules/**", "src/client/api/generated/**", "next-env.d.ts"],
  },
  ...next,
  ...tseslint.configs.recommended,
  {
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true },
      ],
      "@typescript-eslint/consistent-type-imports": ["error", { disallowTypeAnnotations: false }],
      // signing in and out, and going to the device's shell, are full loads on purpose: nothing of the page before stays in memory
      "@next/next/no-location-assign-relative-destination": "off",
      "no-warning-comments": ["error", { terms: ["todo", "fixme", "xxx"] }],
    },
  },
  {
    // the core has no clock, chance or network of its own
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", "fetch", "window", "document", "process", "crypto"],
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: "The core has no clock: hand the time in.",
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: "The core has no clock: hand the time in.",
        },
        {
          selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          message: "The core has no chance of its own.",
        },
      ],
    },
  },
  {
    // a test's describe and a scripted day in the browser hold many short steps, not one long one
    files: ["src/**/*.ts", "src/**/*.tsx", "e2e/*.ts"],
    ignores: ["**/*.test.ts", "**/*.test.tsx", "**/*.spec.ts"],
    rules: { "max-lines-per-function": ["error", { max: 80 }] },
  },
  {
    // what people read stands in the catalogues; letters alone, and what joins two of them, are no words
    files: ["src/**/*.tsx"],
    ignores: ["**/*.test.tsx", "src/testing/**"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "JSXText[value=/\\p{L}{2}/u]",
          message: "Words that people read belong into the catalogue: src/messages.",
        },
        {
          selector: "JSXExpressionContainer > Literal[value=/\\p{L}{2}.*\\p{L}/u]",
          message: "Words that people read belong into the catalogue: src/messages.",
        },
        {
          selector: "Property[key.name='title'] > Literal[value=/\\p{L}{2}/u]",
          message: "Titles of pages stand in the catalogue: titled().",
        },
        {
          selector:
            "JSXAttribute[name.name=/^(aria-label|title|alt|placeholder|label|hint|words|caption)$/] > Literal[value=/\\p{L}{2}/u]",
          message: "Words that people read belong into the catalogue: src/messages.",
        },
      ],
    },
  },
  { files: ["**/*.cjs"], rules: { "@typescript-eslint/no-require-imports": "off" } },
);
