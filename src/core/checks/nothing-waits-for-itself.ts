import type { FileCheck, Finding } from "./check";

/** Keys of the parts that come after themselves, by way of others. */
function loops(parts: Readonly<Record<string, { after?: readonly string[] }>>): string[] {
  const state = new Map<string, "open" | "done">();
  const looping: string[] = [];
  const visit = (key: string): void => {
    if (state.get(key) === "done") return;
    if (state.get(key) === "open") return void looping.push(key);
    state.set(key, "open");
    for (const before of parts[key]?.after ?? []) visit(before);
    state.set(key, "done");
  };
  Object.keys(parts).forEach(visit);
  return looping;
}

/** Neither procedures nor stops wait for themselves. */
export const nothingWaitsForItself: FileCheck = {
  name: "nothing-waits-for-itself",
  level: "error",
  find: ({ procedures, stops }) =>
    Object.entries({ procedures, stops }).flatMap(([collection, parts]): Finding[] =>
      loops(parts).map((key) => ({
        path: `/${collection}/${key}/after`,
        message: `${key} comes after itself, by way of what it waits for`,
      })),
    ),
};
