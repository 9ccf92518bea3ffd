import { Type, type Static } from "@sinclair/typebox";
import { closed } from "./closed";

/** A code of the phone, or a recovery code. */
export const FactorCode = Type.String({ minLength: 1, maxLength: 40 });

/** How it stands with one's second factor. */
export interface FactorState {
  /** since when it is in force; null where it is not */
  since: string | null;
  codesLeft: number;
}

/** A second factor that was begun: the secret as letters, and as a picture (SVG) that a phone's camera reads. */
export const BegunFactor = Type.Object({ secret: Type.String(), picture: Type.String() }, closed);
export type BegunFactor = Static<typeof BegunFactor>;

/** Recovery codes, shown once. */
export const RecoveryCodes = Type.Object({ codes: Type.Array(Type.String()) }, closed);
