/** What a line is about, where it decides whether she may leave. */
export const clearanceTopics = [
  "jackets",
  "harnesses",
  "raft",
  "flares",
  "extinguishers",
  "papers",
  "certificate",
  "aboard",
  "steering",
  "flooding",
  "gas-leak",
] as const;
export type ClearanceTopic = (typeof clearanceTopics)[number];

/** What nobody lets go without, unless the base settles it otherwise with a reason. */
export const usuallyNeverLetGo: readonly ClearanceTopic[] = [
  "jackets",
  "raft",
  "flares",
  "extinguishers",
  "papers",
  "certificate",
  "aboard",
  "steering",
  "flooding",
  "gas-leak",
];

/** What a reading is about by its kind, where its file does not say. */
export const matterOfReading: Readonly<Record<string, ClearanceTopic>> = {
  extinguisher: "extinguishers",
  bilge: "flooding",
  gas: "gas-leak",
  document: "papers",
};
