import { Entry } from "@/core/handover/entry";
import { mismatch } from "@/formats/validate";
import { EntryBatch } from "@/formats/wire";
import { requireGrant } from "@/server/auth/grant";
import { now } from "@/server/clock";
import { entriesAfter, peopleOn, standingSeal } from "@/server/db/handovers";
import { withBase } from "@/server/db/pool";
import { gateContext } from "@/server/handover/gate-context";
import { handoverById } from "@/server/handover/list-cache";
import { postEntries, type EntryAnswer } from "@/server/handover/post-entries";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";

interface Context {
  params: Promise<{ id: string }>;
}
const pageSize = 1000;

/** The feed: entries after a number, whether it is signed, and whether the deposit is met. */
export const GET = handle<Context>("pull-entries", async (request, { params }) => {
  const id = idParam((await params).id);
  const grant = await requireGrant(request, id);
  const after = Number(new URL(request.url).searchParams.get("after") ?? "0");
  if (!Number.isInteger(after) || after < 0)
    throw new Refusal(400, "wrong-number", "`after` is the whole number of the last entry you have.", "after");
  const handover = await handoverById(grant.baseId, id);
  return withBase(grant.baseId, async (db) => {
    const rows = await entriesAfter(db, id, after, pageSize);
    const seal = await standingSeal(db, id);
    return Response.json({
      entries: rows.map(({ number, entry }) => ({ number, entry })),
      people: await peopleOn(db, id),
      more: rows.length === pageSize,
      seal: seal ? { seal: seal.seal, sealedAt: seal.sealedAt } : null,
      context: await gateContext(db, handover),
      serverTime: now(),
    });
  });
});

/** Takes a batch; every entry is answered by itself, and a malformed one blocks no other. */
export const POST = handle<Context>("post-entries", async (request, { params }) => {
  const id = idParam((await params).id);
  const grant = await requireGrant(request, id);
  const { entries } = await readJson(request, EntryBatch, 1_000_000);
  const answers: EntryAnswer[] = [];
  const sound: { index: number; entry: Entry }[] = [];
  entries.forEach((entry, index) => {
    const wrong = mismatch(Entry, entry);
    if (!wrong) sound.push({ index, entry: entry as Entry });
    else
      answers[index] = {
        id: String((entry as { id?: unknown } | null)?.id ?? ""),
        status: "refused",
        code: "wrong-form",
        message: wrong.message,
      };
  });
  const kept =
    sound.length > 0
      ? await postEntries(
          grant.baseId,
          id,
          sound.map((each) => each.entry),
          grant.side === "skipper" ? grant.personId : null,
        )
      : [];
  sound.forEach(({ index }, i) => {
    const answer = kept[i];
    if (answer) answers[index] = answer;
  });
  return Response.json({ answers });
});
