import { Type } from "@sinclair/typebox";
import { Sha256, Uuid } from "../core/basics/ids";
import { charter, device, handoverIn, staff } from "./callers";
import { bytes, Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";

const ByHash = Type.Object({ hash: Sha256 }, closed);

export const readManual = endpoint({
  name: "read-manual",
  method: "GET",
  path: "/api/manuals/{hash}",
  about: "The manual of a device as PDF, by the hash of its bytes.",
  who: [device(handoverIn("query", "handover")), staff("see-desk"), charter()],
  params: ByHash,
  query: Type.Object({ handover: Type.Optional(Uuid) }, closed),
  answer: media("application/pdf"),
  errors: ["no-such-manual"],
});

export const putManual = endpoint({
  name: "put-manual",
  method: "PUT",
  path: "/api/manuals/{hash}",
  about: "Keeps the manual of a device, a PDF, under the hash of its bytes.",
  who: [staff("edit-file")],
  params: ByHash,
  body: bytes("application/pdf"),
  maxBytes: 20_000_000,
  answer: Done,
  errors: ["no-pdf", "manual-other-bytes"],
});
