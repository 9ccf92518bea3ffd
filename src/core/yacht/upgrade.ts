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

/**
 * A stored yacht file in the form of today. Revisions are never changed, so one that was published in an earlier form
 * stays as it is and is read through this: what it could not hold yet is empty, nothing is guessed.
 *
 * @param document a yacht file of any form that was ever published
 */
export function upgradeYachtFile(document: unknown): unknown {
  const file = document as { schema?: unknown; engines?: Record<string, object> };
  if (file.schema !== "brinecove/yacht-file/1") return document;
  return {
    ...Object.fromEntries(added.map((collection) => [collection, {}])),
    ...file,
    schema: "brinecove/yacht-file/2",
    // the first form knew no other engines
    engines: Object.fromEntries(
      Object.entries(file.engines ?? {}).map(([key, engine]) => [key, { kind: "diesel", ...engine }]),
    ),
  };
}
