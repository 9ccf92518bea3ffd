/**
 * The technician's round in its order: she is laid up where she will lie long, opened and sniffed before the first switch;
 * batteries are read before the first load, the engine is checked cold in the order that practice keeps and started last;
 * then she is made ready for people, and what the crew must find is laid out.
 */
export const prepSections = [
  "laying-up",
  "opening-up",
  "batteries",
  "engine-cold",
  "seacocks",
  "tanks-and-gas",
  "safety-gear",
  "sails",
  "engine-running",
  "turn-round",
  "departure",
] as const;
export type PrepSection = (typeof prepSections)[number];

/** The key of a section among a list's places; no place aboard has this form. */
export const sectionKey = (section: PrepSection) => `prep-${section}`;
