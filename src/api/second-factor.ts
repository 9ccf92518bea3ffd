import { Type } from "@sinclair/typebox";
import { staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById } from "./fields";
import { closed } from "./schemas/closed";
import { BegunFactor, FactorCode, RecoveryCodes } from "./schemas/second-factor";

const WithCode = Type.Object({ code: FactorCode }, closed);

/** Those that somebody has to reach who must set a second factor up before anything else. */
export const beginFactor = endpoint({
  name: "begin-factor",
  isSecret: true,
  method: "POST",
  path: "/api/second-factor",
  about: "Begins one's second factor: a fresh secret for the phone, not in force yet.",
  who: [staff("see-desk")],
  status: 201,
  answer: BegunFactor,
  errors: ["factor-there", "no-such-person"],
});

export const confirmFactor = endpoint({
  name: "confirm-factor",
  isSecret: true,
  method: "POST",
  path: "/api/second-factor/confirm",
  about: "Puts one's second factor in force with a first code of the phone, and gives ten recovery codes, this once.",
  who: [staff("see-desk")],
  body: WithCode,
  maxBytes: 200,
  answer: RecoveryCodes,
  errors: ["no-factor", "factor-there", "wrong-code", "too-many-tries"],
});

export const renewCodes = endpoint({
  name: "renew-codes",
  isSecret: true,
  method: "POST",
  path: "/api/second-factor/codes",
  about: "Gives ten recovery codes anew, with a code; those before open nothing any more.",
  who: [staff("see-desk")],
  body: WithCode,
  maxBytes: 200,
  answer: RecoveryCodes,
  errors: ["no-factor", "wrong-code", "too-many-tries"],
});

export const endOwnFactor = endpoint({
  name: "end-own-factor",
  method: "POST",
  path: "/api/second-factor/end",
  about: "Takes one's own second factor away, with a code of it.",
  who: [staff("see-desk")],
  body: WithCode,
  maxBytes: 200,
  answer: Done,
  errors: ["no-factor", "wrong-code", "too-many-tries"],
});

export const endFactor = endpoint({
  name: "end-factor",
  method: "POST",
  path: "/api/people/{id}/second-factor/end",
  about: "Takes the second factor of somebody of the base away who has lost phone and recovery codes.",
  who: [staff("keep-people")],
  params: ById,
  answer: Done,
  errors: ["no-such-person", "no-factor"],
});
