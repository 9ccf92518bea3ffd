import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../../core/yacht/parts/basics";
import { roles } from "../permissions";
import { closed } from "./closed";

/** What somebody of the base is: one role or more. */
export const Roles = Type.Array(oneOf(roles), { minItems: 1, uniqueItems: true });

/** Somebody who has or had an account at the base. */
export interface PersonView {
  id: string;
  name: string;
  email: string;
  roles: Static<typeof Roles>;
  active: boolean;
  /** when this person signed in last; null before the first time */
  seenAt: string | null;
  /** on how many browsers */
  sessions: number;
  /** whether a second factor is in force */
  hasFactor: boolean;
}

/** A browser on which somebody is signed in. */
export const SignedInDevice = Type.Object(
  {
    id: Type.String(),
    /** what it calls itself; null where it signed in before that was kept */
    device: Type.Union([Type.String(), Type.Null()]),
    since: Type.String(),
    until: Type.String(),
  },
  closed,
);
export type SignedInDevice = Static<typeof SignedInDevice>;

/** An invitation that is open. */
export interface InvitationView {
  id: string;
  name: string;
  email: string;
  roles: Static<typeof Roles>;
  until: string;
  /** a new password for somebody who has an account */
  isReset: boolean;
}

/** What an invitation says to who opens it. */
export const Invited = Type.Object(
  {
    base: Type.String(),
    name: Type.String(),
    email: Type.String(),
    roles: Roles,
    isReset: Type.Boolean(),
  },
  closed,
);
export type Invited = Static<typeof Invited>;

/** A link that is shown once, and until when it opens. */
export const OnceLink = Type.Object({ path: Type.String(), until: Type.String() }, closed);
export type OnceLink = Static<typeof OnceLink>;
