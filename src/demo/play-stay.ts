import { v7 as uuid } from "uuid";
import { addHours, dayIn } from "../core/basics/instant";
import type { Entry } from "../core/handover/entry";
import { fold } from "../core/handover/fold";
import type { HandoverKind } from "../core/handover/lines/line-input";
import { imprint, makeManifest, manifestDigest, sealOf, type SignatureContent } from "../core/handover/seal";
import { signedWords } from "../messages/signed-words";
import { statementWords } from "../messages/statement-words";
import { englishTranslator } from "../messages/translator";
import { now } from "../server/clock";
import { findHandover, type HandoverRow } from "../server/db/handovers";
import { asDoer } from "../server/db/doer";
import { inBaseTransaction } from "../server/db/pool";
import { terminalBook } from "../server/db/deposits";
import { openHandover } from "../server/handover/open";
import { takeEntries } from "../server/items/entries";
import { followUp } from "../server/follow-up/follow-up";
import { gateContext } from "../server/sealing/gate-context";
import { sealHandover } from "../server/sealing/seal";
import { checkPhoto } from "../server/photos/check";
import { addPhoto } from "../server/db/photos";
import { decide } from "../server/settlement/decide";
import { putExtra } from "../server/settlement/put-extra";
import { settlementScreen } from "../server/settlement/screen";
import { signSettlement } from "../server/settlement/sign";
import { settlementView } from "../server/settlement/view";
import { simulatedTerminal } from "../stand-ins/deposit-terminal";
import { play, type MarkIds } from "./script";
import type { ScriptedCharter, ScriptedHandover } from "./scenario";

/** A stay whose handovers are played, with its people. */
export interface LoadedStay {
  stayId: string;
  skipperId: string;
  skipper: string;
  chartererId: string;
  charterer: string;
  briefer: { id: string; name: string };
}

/** The base in which stays are played. */
export interface PlayedBase {
  baseId: string;
  timeZone: string;
  staff: ReadonlyMap<string, { id: string; name: string }>;
  /** the instant of a moment of the script */
  at: (moment: { day: number; time: string }) => string;
}

/** Sets the clock while a part of the past is played. */
export async function atTime<T>(instant: string, work: () => Promise<T>): Promise<T> {
  const before = process.env.BRINECOVE_NOW;
  process.env.BRINECOVE_NOW = instant;
  try {
    return await work();
  } finally {
    if (before === undefined) delete process.env.BRINECOVE_NOW;
    else process.env.BRINECOVE_NOW = before;
  }
}

/** Plays a scripted handover of a stay, signs it where the script says so, and does what follows a signed one. */
export async function playHandover(
  { baseId, staff }: Pick<PlayedBase, "baseId" | "staff">,
  stay: LoadedStay,
  kind: HandoverKind,
  scripted: ScriptedHandover,
  markIds: MarkIds,
): Promise<void> {
  const doer = scripted.by === undefined ? stay.briefer : staff.get(scripted.by);
  if (!doer) throw new Error(`demo/scenario.json: "${scripted.by ?? ""}" is not of the staff`);
  const { id } = await asDoer({ kind: "staff", action: "open-handover", person: doer.id }, () =>
    inBaseTransaction(baseId, (db) => openHandover(db, stay.stayId, kind, doer.id)),
  );
  const handover = await inBaseTransaction(baseId, (db) => findHandover(db, id));
  if (!handover) throw new Error("the demo's handover is gone");
  const { entries, photos } = await play(
    handover.list,
    scripted,
    { base: doer.id, skipper: stay.skipperId },
    now(),
    markIds,
  );
  const grant = { id: uuid(), baseId, handoverId: id, personId: doer.id };
  const keep = async () => {
    const answers = await takeEntries({ ...grant, side: "base" }, entries);
    const refused = answers.find((answer) => answer.status !== "kept");
    if (refused) throw new Error(`the demo's entry was refused: ${refused.message}`);
    for (const photo of photos)
      await inBaseTransaction(baseId, async (db) =>
        addPhoto(db, id, await checkPhoto(photo.bytes, photo.hash), photo.bytes),
      );
  };
  if (kind === "prep" || scripted.sign === false || scripted.upTo !== undefined) return keep();
  const sealedAt = addHours(entries.at(-1)?.at ?? now(), 0.1);
  // it reaches the base when it is signed, not when it was begun
  await atTime(sealedAt, async () => {
    await keep();
    await asDoer({ kind: "device", action: "seal-handover", person: doer.id, grant: grant.id }, () =>
      playSigning(grant, handover, stay, { entries, photos, sealedAt }),
    );
  });
}

async function playSigning(
  { id: grantId, baseId }: { id: string; baseId: string },
  handover: HandoverRow,
  stay: LoadedStay,
  { entries, photos, sealedAt }: { entries: Entry[]; photos: { hash: string }[]; sealedAt: string },
): Promise<void> {
  const { id } = handover;
  const context = await inBaseTransaction(baseId, (db) => gateContext(db, handover));
  const words = signedWords(englishTranslator(), {
    list: handover.list,
    folded: fold(entries),
    context,
    skipper: { id: stay.skipperId, name: stay.skipper },
    charterer: { id: stay.chartererId, name: stay.charterer },
    without: null,
    witness: "",
    withoutOthers: null,
  });
  const manifest = makeManifest(
    handover.list,
    entries,
    photos.map((photo) => photo.hash),
    words,
    now(),
    null,
    context,
  );
  const { signatures, contents } = typedSignatures(stay, stay.skipperId, stay.skipper, sealedAt);
  const { standing, problems } = await inBaseTransaction(baseId, (db) =>
    sealHandover(
      db,
      id,
      {
        manifest,
        signatures,
        contents,
        seal: sealOf(manifestDigest(manifest), signatures),
        device: entries[0]?.device ?? uuid(),
        sealedAt,
      },
      { id: grantId, personId: stay.briefer.id },
    ),
  );
  if (!standing) throw new Error(`the demo's record of ${id} does not stand: ${problems.join(", ")}`);
  await followUp(baseId, id);
}

function typedSignatures(stay: LoadedStay, otherId: string, otherName: string, at: string) {
  const content = (name: string): SignatureContent => ({ salt: crypto.randomUUID(), name, strokes: [] });
  const contents = { base: content(stay.briefer.name), skipper: content(otherName) };
  const signature = (side: "base" | "skipper", person: string) => ({
    side,
    person,
    how: "typed" as const,
    at,
    imprint: imprint(contents[side]),
  });
  return { contents, signatures: [signature("base", stay.briefer.id), signature("skipper", otherId)] };
}

/** Decides what a stay's two records differ in as the script says, and signs its statement. */
export async function settleStay(
  { baseId, at, timeZone }: Pick<PlayedBase, "baseId" | "at" | "timeZone">,
  stay: LoadedStay,
  charter: Pick<ScriptedCharter, "reference" | "bought" | "decisions" | "settle">,
): Promise<void> {
  await inBaseTransaction(baseId, async (db) => {
    const { differences } = await settlementView(db, stay.stayId);
    for (const { litres, day, reference } of charter.bought ?? [])
      await putExtra(
        db,
        stay.stayId,
        null,
        { kind: "fuel", litres, day: dayIn(at({ day, time: "12:00" }), timeZone), reference, full: null },
        "",
        stay.briefer.id,
      );
    for (const [key, { decision, why }] of Object.entries(charter.decisions ?? {})) {
      const difference = differences.find((each) => each.id === key || each.kind === key);
      if (!difference) throw new Error(`demo/scenario.json: ${charter.reference} has no difference "${key}"`);
      await decide(db, stay.stayId, difference.id, decision, why, stay.briefer.id);
    }
  });
  if (!charter.settle) return;
  await inBaseTransaction(baseId, async (db) => {
    const screen = await settlementScreen(db, stay.stayId);
    const { digest } = screen;
    const words = statementWords(englishTranslator(), { screen, without: null, witness: "", who: "charterer" });
    const { signatures, contents } = typedSignatures(stay, stay.chartererId, stay.charterer, now());
    await signSettlement(
      db,
      stay.stayId,
      { digest, words, reservations: [], signatures, contents, without: null },
      simulatedTerminal(terminalBook(db), "approves"),
      stay.briefer.id,
    );
  });
}
