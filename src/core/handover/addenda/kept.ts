import type { Addendum } from "./addendum";

/** Something added to a signed record, as it is read: with when it came in, or null while it is only on this device. */
export interface KeptAddendum {
  addendum: Addendum;
  receivedAt: string | null;
  by: string | null;
  /** of a late finding: the line it is about */
  about: { name: string; place: string } | null;
  /** of a late finding: whether it was made in time */
  inTime: boolean | null;
}
