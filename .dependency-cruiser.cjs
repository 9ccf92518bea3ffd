// The rooms (docs/decisions/0001-rooms.md): imports run one way.
const only = (name, from, allowed) => ({
  name,
  severity: "error",
  from: { path: from, pathNot: "\\.test\\.tsx?$" },
  to: { path: "^(src|demo|e2e)/", pathNot: [from, ...allowed] },
});

/** @type {import("dependency-cruiser").IConfiguration} */
module.exports = {
  forbidden: [
    only("core-imports-nothing-of-ours", "^src/core/", []),
    only("api-knows-the-core", "^src/api/", ["^src/core/"]),
    only("messages-know-the-core", "^src/messages/", ["^src/core/"]),
    only("formats-know-the-core", "^src/formats/", ["^src/core/"]),
    only("ui-knows-the-core", "^src/ui/", ["^src/core/"]),
    only("stand-ins-know-formats", "^src/stand-ins/", ["^src/core/", "^src/formats/"]),
    only("server-knows-api-and-formats", "^src/server/", [
      "^src/core/",
      "^src/api/",
      "^src/formats/",
      "^src/messages/",
    ]),
    only("client-knows-api-and-ui", "^src/client/", [
      "^src/core/",
      "^src/api/",
      "^src/formats/",
      "^src/messages/",
      "^src/ui/",
    ]),
    only("app-knows-no-cli", "^src/app/", ["^src/(core|api|formats|messages|ui|client|server|stand-ins)/"]),
    {
      name: "core-stays-pure",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: {
        path: "node_modules/",
        pathNot:
          "node_modules/(@sinclair/typebox|@noble/hashes|canonicalize|otplib|@otplib|stemmer|damerau-levenshtein|fraction\\.js|json-merge-patch|d3-geo|suncalc)/",
      },
    },
    {
      name: "core-without-node",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "client-without-node",
      severity: "error",
      from: { path: "^src/(client|ui)/", pathNot: "\\.test\\.tsx?$" },
      to: { dependencyTypes: ["core"] },
    },
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "src/client/api/generated" },
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
