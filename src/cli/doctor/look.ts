import type pg from "pg";

/** What one look at the machine says: well, worth a look, or broken so that people notice. */
export interface Said {
  state: "well" | "look" | "broken";
  words: string;
}

/** What the looks are given: the database as its owner, where it answers. */
export interface Patient {
  owner: pg.Client;
  ownerUrl: string;
  at: Date;
}

/** One look at one thing. What it throws is told as broken. */
export interface Look {
  name: string;
  look: (patient: Patient) => Promise<Said> | Said;
}

export const well = (words: string): Said => ({ state: "well", words });
export const worthALook = (words: string): Said => ({ state: "look", words });
export const broken = (words: string): Said => ({ state: "broken", words });
