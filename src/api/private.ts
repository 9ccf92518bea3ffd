import { Type } from "@sinclair/typebox";
import { Keeping } from "../core/private/keeping";
import { staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { ById, words } from "./fields";
import { closed } from "./schemas/closed";

export const keepKeeping = endpoint({
  name: "keep-keeping",
  method: "POST",
  path: "/api/base/keeping",
  about: "Keeps for how long what is private is held, never over another's change unseen.",
  who: [staff("erase-private")],
  body: Type.Object({ onNumber: Type.Integer({ minimum: 0, maximum: 2_000_000_000 }), keeping: Keeping }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: ["list-changed", "kept-too-long"],
});

export const saveHeld = endpoint({
  name: "save-held",
  method: "GET",
  path: "/api/guests/{id}/held.json",
  about: "Everything that the base holds of a guest, as a file to give to them.",
  who: [staff("erase-private")],
  params: ById,
  answer: media("application/json"),
  errors: ["no-such-guest"],
});

export const eraseGuest = endpoint({
  name: "erase-guest",
  method: "POST",
  path: "/api/guests/{id}/erase",
  about:
    "Erases name, contacts, signature drawings, messages, study, calls and crew lists of a guest whose charters are over. Sealed records stay and verify.",
  who: [staff("erase-private")],
  params: ById,
  body: Type.Object({ why: words(500) }, closed),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: ["no-such-guest", "charter-not-over"],
});
