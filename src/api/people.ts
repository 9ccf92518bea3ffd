import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { anyone, staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById, words } from "./fields";
import { closed } from "./schemas/closed";
import { Invited, OnceLink, Roles, SignedInDevice } from "./schemas/people";

const Secret = Type.String({ pattern: "^[\\w-]{20,80}$" });
const Password = Type.String({ minLength: 1, maxLength: 200 });
const Email = Type.String({ minLength: 3, maxLength: 200, pattern: "^\\s*[^\\s@]+@[^\\s@]+\\s*$" });

export const invitePerson = endpoint({
  name: "invite-person",
  method: "POST",
  path: "/api/people",
  about: "Makes a link by which somebody gets an account at the base; good once, for two days.",
  who: [staff("keep-people")],
  body: Type.Object({ name: words(80), email: Email, roles: Roles }, closed),
  maxBytes: 2000,
  status: 201,
  answer: OnceLink,
  errors: ["address-taken"],
});

export const makeResetLink = endpoint({
  name: "make-reset-link",
  method: "POST",
  path: "/api/people/{id}/reset",
  about: "Makes a link by which somebody of the base sets a new password; good once, for two days.",
  who: [staff("keep-people")],
  params: ById,
  status: 201,
  answer: OnceLink,
  errors: ["no-such-person"],
});

export const endInvitation = endpoint({
  name: "end-invitation",
  method: "POST",
  path: "/api/invitations/{id}/end",
  about: "Ends an invitation that nobody has taken.",
  who: [staff("keep-people")],
  params: ById,
  answer: Done,
  errors: ["no-such-invitation"],
});

export const changePerson = endpoint({
  name: "change-person",
  method: "POST",
  path: "/api/people/{id}",
  about: "Gives somebody of the base other roles, or takes the account away or back. The last manager stays one.",
  who: [staff("keep-people")],
  params: ById,
  body: Type.Object({ roles: Roles, active: Type.Boolean() }, closed),
  maxBytes: 1000,
  answer: Done,
  errors: ["no-such-person", "last-manager"],
});

export const readDevices = endpoint({
  name: "read-devices",
  method: "GET",
  path: "/api/people/{id}/sessions",
  about: "On which browsers somebody of the base is signed in.",
  who: [staff("keep-people")],
  params: ById,
  answer: Type.Object({ devices: Type.Array(SignedInDevice) }, closed),
  errors: ["no-such-person"],
});

export const endDevice = endpoint({
  name: "end-device",
  method: "POST",
  path: "/api/people/{id}/sessions/{session}/end",
  about: "Signs somebody of the base out on one browser.",
  who: [staff("keep-people")],
  params: Type.Object({ id: Uuid, session: Uuid }, closed),
  answer: Done,
  errors: ["no-such-session"],
});

export const changePassword = endpoint({
  name: "change-password",
  method: "POST",
  path: "/api/password",
  about: "Changes one's own password with the old one; every other session of oneself ends.",
  who: [staff("see-desk")],
  body: Type.Object({ old: Password, fresh: Password }, closed),
  maxBytes: 2000,
  answer: Done,
  errors: ["wrong-password", "weak-password", "too-many-tries"],
});

export const readInvitation = endpoint({
  name: "read-invitation",
  method: "POST",
  path: "/api/invitation",
  about: "Says whom an invitation is for.",
  who: [anyone],
  body: Type.Object({ secret: Secret }, closed),
  maxBytes: 1000,
  answer: Invited,
  errors: ["invitation-closed", "too-many-tries"],
});

export const takeInvitation = endpoint({
  name: "take-invitation",
  method: "POST",
  path: "/api/invitation/take",
  about: "Makes the account that an invitation is for, or sets the new password, and signs in.",
  who: [anyone],
  body: Type.Object({ secret: Secret, password: Password }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: ["invitation-closed", "weak-password", "address-taken", "too-many-tries"],
});
