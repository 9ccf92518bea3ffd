import "server-only";
import { rulesFrom } from "@/core/base/rules";
import { namesYacht, takenReading } from "@/core/readings/boat-reading";
import type { HandoverList } from "@/core/handover/list";
import { boatDataOf, boatNameOf, type BoatDatum } from "@/formats/signal-k";
import { SchemaMismatch } from "@/formats/validate";
import type { BoatDataAnswer } from "@/api/schemas/handover";
import { now } from "../clock";
import { inBaseTransaction } from "../db/pool";
import { findYacht } from "../db/yachts";
import { handoverById } from "../record/list-cache";
import { log } from "../log";
import { AppError } from "@/api/app-error";

const slowestMs = 5000;
const mostBytes = 1_000_000;

/** Where the yachts' Signal K servers are reached, with `{yacht}` for the yacht's short name. */
const addressOf = (slug: string) => process.env.BRINECOVE_BOAT_DATA?.replace("{yacht}", encodeURIComponent(slug));

/**
 * Reads what the yacht's boat-data gateway measures of a list's readings, in the units people write.
 *
 * @throws AppError when she has no gateway, or it does not answer, or what it answers is no Signal K
 */
export async function fetchBoatData(list: HandoverList, slug: string): Promise<BoatDataAnswer> {
  const lines = list.lines.flatMap((line) =>
    line.kind === "reading" && line.signal !== undefined ? [{ ...line, signal: line.signal }] : [],
  );
  const address = addressOf(slug);
  if (lines.length === 0 || address === undefined) throw new AppError("no-gateway");
  const { data, named } = await ask(
    `${address}/signalk/v1/api/vessels/self`,
    lines.map((line) => line.signal),
  );
  const yacht = list.yacht.name;
  if (!namesYacht(named, yacht)) throw new AppError("gateway-other-yacht", { named: named ?? "", yacht });
  const mostMinutes = rulesFrom(list.rules ?? null).boatDataMinutes ?? 15;
  const answer: BoatDataAnswer = { from: named ?? "boat data", readings: [], left: [] };
  for (const line of lines) {
    const datum = data[line.signal];
    if (!datum) continue;
    const taken = takenReading(line, datum, now(), mostMinutes);
    if ("values" in taken) answer.readings.push({ line: line.id, values: taken.values, at: datum.at });
    else answer.left.push({ line: line.id, at: datum.at, why: taken.why });
  }
  return answer;
}

/** A gateway that lets nobody ask without one is given the base's access token. */
const headers = (): Record<string, string> => {
  const token = process.env.BRINECOVE_BOAT_DATA_TOKEN;
  return token ? { authorization: `Bearer ${token}` } : {};
};

async function ask(
  address: string,
  paths: string[],
): Promise<{ data: Record<string, BoatDatum>; named: string | null }> {
  try {
    const answer = await fetch(address, {
      headers: headers(),
      signal: AbortSignal.timeout(slowestMs),
      redirect: "error",
    });
    if (!answer.ok) throw new Error(`it answers ${answer.status}`);
    if (Number(answer.headers.get("content-length") ?? 0) > mostBytes) throw new Error("its answer is too large");
    const text = await answer.text();
    if (text.length > mostBytes) throw new Error("its answer is too large");
    const document: unknown = JSON.parse(text);
    return { data: boatDataOf(document, paths), named: boatNameOf(document) };
  } catch (error) {
    const isForm = error instanceof SchemaMismatch || error instanceof SyntaxError;
    log.warn({ error: (error as Error).message }, "boat data");
    throw new AppError(isForm ? "gateway-no-boat-data" : "gateway-silent");
  }
}

/** What the gateway of a handover's yacht measures of its readings, now. */
export async function boatDataFor(baseId: string, handoverId: string): Promise<BoatDataAnswer> {
  const { list, yachtId } = await handoverById(baseId, handoverId);
  const yacht = await inBaseTransaction(baseId, (db) => findYacht(db, { id: yachtId }));
  if (!yacht) throw new AppError("no-such-yacht");
  return fetchBoatData(list, yacht.slug);
}
