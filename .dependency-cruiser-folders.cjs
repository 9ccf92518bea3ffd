// No circles between folders: what a folder is for is told without the one that uses it. A test may stand beside what it
// tests and still ask the whole house, so tests are left out here; the rule for single files has them.
const { options } = require("./.dependency-cruiser.cjs");

/** @type {import("dependency-cruiser").IConfiguration} */
module.exports = {
  forbidden: [
    { name: "no-circles-between-folders", severity: "error", scope: "folder", from: {}, to: { circular: true } },
  ],
  options: { ...options, exclude: { path: [options.exclude.path, "\\.test\\.tsx?$"] } },
};
