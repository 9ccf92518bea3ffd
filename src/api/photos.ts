import { Type } from "@sinclair/typebox";
import { Sha256, Uuid } from "../core/basics/ids";
import { charter, device, handoverIn, staff } from "./callers";
import { bytes, Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";

const ByHash = Type.Object({ hash: Sha256 }, closed);
const ofHandover = handoverIn("query", "handover");

export const readPhoto = endpoint({
  name: "read-photo",
  method: "GET",
  path: "/api/photos/{hash}",
  about: "A photo by the hash of its bytes; `small` for its thumbnail.",
  who: [device(ofHandover), staff("see-desk"), charter()],
  params: ByHash,
  query: Type.Object(
    { handover: Type.Optional(Uuid), small: Type.Optional(Type.Union([Type.Literal("yes"), Type.Literal("no")])) },
    closed,
  ),
  answer: media("image/*"),
  errors: ["no-such-photo", "photo-not-here"],
});

export const putPhoto = endpoint({
  name: "put-photo",
  method: "PUT",
  path: "/api/photos/{hash}",
  about: "Keeps a photo under the hash of its bytes: of a handover, or of a yacht's file where none is named.",
  who: [device(ofHandover), staff("propose-file-change"), charter(ofHandover)],
  params: ByHash,
  query: Type.Object({ handover: Type.Optional(Uuid) }, closed),
  body: bytes("image/jpeg", "image/webp"),
  maxBytes: 400_000,
  answer: Done,
  errors: [
    "no-such-photo",
    "photo-empty",
    "no-photo",
    "photo-damaged",
    "photo-other-bytes",
    "photo-too-large",
    "photo-too-many",
    "photo-too-many-pixels",
    "photo-with-metadata",
    "no-such-handover",
  ],
});
