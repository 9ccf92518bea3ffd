import type { Instant } from "../basics/instant";

const dayMs = 86_400_000;

/** Days between two instants, broken; below 0 where the second comes first. */
export const daysBetweenInstants = (from: Instant, to: Instant): number => (Date.parse(to) - Date.parse(from)) / dayMs;
