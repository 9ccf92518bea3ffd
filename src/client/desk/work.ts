import type { DefectView } from "@/api/schemas/desk";

/** A defect that is to repair, with its yacht. */
export type Work = DefectView & { yachtName: string; yachtSlug: string };

/** Somebody who can be given work. */
export interface Worker {
  id: string;
  name: string;
}
