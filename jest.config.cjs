// ESM-only packages are transformed as our own code is, because Jest requires everything as CommonJS
const esm = [
  "canonicalize",
  "uuid",
  "stemmer",
  "react-hotkeys-hook",
  "@noble",
  "json-merge-patch",
  "next-intl",
  "use-intl",
  "intl-messageformat",
  "@formatjs",
  "fraction.js",
  "icu-minify",
  "@tanstack/react-table",
  "@tanstack/table-core",
  "@tanstack/react-store",
  "@tanstack/store",
  "d3-geo",
  "d3-array",
  "internmap",
  "age-encryption",
  "@scure",
  "ical.js",
].join("|");

/** @type {import("jest").Config} */
module.exports = {
  testEnvironment: "node",
  roots: ["<rootDir>/src"],
  testTimeout: 60_000,
  maxWorkers: 2,
  moduleNameMapper: {
    "^@/(.*)$": "<rootDir>/src/$1",
    "^server-only$": "<rootDir>/src/cli/empty.mjs",
    "\\.css$": "identity-obj-proxy",
  },
  testMatch: ["**/*.test.ts", "**/*.test.tsx"],
  transform: {
    "^.+\\.(t|j|mj)sx?$": [
      "@swc/jest",
      {
        jsc: {
          target: "es2022",
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
        },
        module: { type: "commonjs" },
      },
    ],
  },
  transformIgnorePatterns: [`/node_modules/(?!(${esm})/)`],
  moduleFileExtensions: ["ts", "tsx", "js", "mjs", "json"],
};
