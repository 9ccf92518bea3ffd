import type { FittingPurpose, ProcedurePurpose } from "./parts/purposes";

const added = [
  "chargers",
  "generators",
  "inverters",
  "shoreCords",
  "groundTackle",
  "sails",
  "reefs",
  "heads",
  "gas",
  "tenders",
  "platforms",
  "procedures",
  "rules",
  "stops",
] as const;

interface OldFile {
  schema?: unknown;
  places?: Record<string, object>;
  engines?: Record<string, object>;
  fittings?: Record<string, object>;
  procedures?: Record<string, object>;
  lines?: object;
  sources?: object;
  equipment?: object;
}

/**
 * A stored yacht file in the form of today. Revisions are never changed, so one that was published in an earlier form
 * stays as it is and is read through this: what it could not hold yet is empty, nothing is guessed.
 *
 * @param document a yacht file of any form that was ever published
 */
export function upgradeYachtFile(document: unknown): unknown {
  let file = document as OldFile;
  if (file?.schema === "brinecove/yacht-file/1") file = withEngineKinds(file);
  if (file?.schema === "brinecove/yacht-file/2") file = withPurposes(file);
  if (file?.schema === "brinecove/yacht-file/3") file = withLines(file);
  return file;
}

function withEngineKinds(file: OldFile): OldFile {
  return {
    ...Object.fromEntries(added.map((collection) => [collection, {}])),
    ...file,
    schema: "brinecove/yacht-file/2",
    // the first form knew no other engines
    engines: mapped(file.engines, (_, engine) => ({ kind: "diesel", ...engine })),
  };
}

/** The second form went by the names of keys: what a key was taken for then is written down as its purpose. */
function withPurposes(file: OldFile): OldFile {
  return {
    ...file,
    schema: "brinecove/yacht-file/3",
    places: mapped(file.places, (key, place) => (key === "cockpit" ? { purpose: "signing", ...place } : place)),
    fittings: mapped(file.fittings, named(fittingOfKey)),
    procedures: mapped(file.procedures, named(procedureOfKey)),
  };
}

/** The third form knew no lines, no table of sources and no equipment. */
const withLines = (file: OldFile): OldFile => ({
  lines: {},
  sources: {},
  equipment: {},
  ...file,
  schema: "brinecove/yacht-file/4",
});

const mapped = (parts: Record<string, object> | undefined, change: (key: string, part: object) => object) =>
  Object.fromEntries(Object.entries(parts ?? {}).map(([key, part]) => [key, change(key, part)]));

const named = (purposes: Readonly<Record<string, string>>) => (key: string, part: object) =>
  Object.hasOwn(purposes, key) ? { purpose: purposes[key], ...part } : part;

const fittingOfKey: Readonly<Record<string, FittingPurpose>> = {
  "windlass-switch": "windlass-switch",
  "thruster-control": "thruster-control",
  "thruster-switch": "thruster-switch",
  "pilot-control": "pilot-control",
};

const procedureOfKey: Readonly<Record<string, ProcedurePurpose>> = {
  "anchor-down": "anchor-down",
  "anchor-load-off": "anchor-load-off",
  autopilot: "autopilot",
  "davits-lower": "davits",
  "emergency-tiller": "emergency-tiller",
  "engine-start": "engine-start",
  extinguishers: "extinguishers",
  "first-aid": "first-aid",
  "flares-use": "flares",
  "fuel-cut-off": "fuel-cut-off",
  "generator-start": "generator-start",
  "jackets-on": "life-jackets",
  "life-raft": "life-raft",
  "main-hoist": "main-hoist",
  "main-reef": "reefing",
  "man-overboard": "man-overboard",
  "no-cooling-water": "cooling-water-lost",
  "no-shore-power": "shore-power",
  "radio-use": "radio",
  "shore-power-on": "shore-power",
  thruster: "thruster",
  "twin-engines": "twin-engines",
  "windlass-dead": "windlass-dead",
};
