/** What can happen on the way. */
export const incidentKinds = [
  "grounding",
  "fouled-propeller",
  "lost-overboard",
  "collision",
  "repair",
  "other",
] as const;
export type IncidentKind = (typeof incidentKinds)[number];

const below: ReadonlySet<IncidentKind> = new Set(["grounding", "fouled-propeller", "collision"]);

/** Whether what happened asks for a look below the water. */
export const wantsUnderwaterLook = (happened: readonly IncidentKind[]): boolean =>
  happened.some((kind) => below.has(kind));

/**
 * What an incident on the way leaves to be done ashore: null where it is settled by putting something aboard. After a
 * grounding or a collision she is looked at before anybody sails her again.
 */
export function incidentDefect(what: IncidentKind): { safety: boolean } | null {
  return what === "lost-overboard" ? null : { safety: what === "grounding" || what === "collision" };
}
