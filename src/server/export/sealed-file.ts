import "server-only";
import { canonicalJson } from "@/core/basics/digest";
import { dayIn } from "@/core/basics/instant";
import type { SealedFile } from "@/core/handover/sealed-file";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import type { Queryable } from "../db/pool";
import { sealedRecord } from "../record/record";
import { disposition } from "../http/disposition";

/** The sealed record as JSON, as `./brinecove calc compare` and `./brinecove verify` read it. */
export async function sealedFile(db: Queryable, handoverId: string): Promise<SealedFile> {
  const { list, entries, seal, addenda } = await sealedRecord(db, handoverId);
  // as it will be read again: instants as text
  return JSON.parse(
    JSON.stringify({
      format: "brinecove/record/1",
      list,
      entries,
      manifest: seal.manifest,
      signatures: seal.signatures,
      seal: seal.seal,
      sealedAt: seal.sealedAt,
      addenda,
    }),
  ) as SealedFile;
}

/** What an exported record is called: "check-in-pale-heron-br-1058-2027-06-12.zip". */
export async function exportName(db: Queryable, { list, sealedAt }: SealedFile, ending: string): Promise<string> {
  const stay = await findStay(db, { stayId: list.stay.id });
  const { timeZone } = await currentBase(db);
  const words = [list.kind, list.yacht.name, stay?.reference ?? "", dayIn(sealedAt, timeZone)];
  return `${words
    .join("-")
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, "-")}.${ending}`;
}

/** The sealed record as a JSON file: its canonical bytes (RFC 8785), so that everybody reckons the same digest of it. */
export async function savedRecord(db: Queryable, handoverId: string): Promise<Response> {
  const file = await sealedFile(db, handoverId);
  const name = await exportName(db, file, "json");
  return new Response(canonicalJson(file), {
    headers: { "content-type": "application/json", "content-disposition": disposition(name) },
  });
}
