import "server-only";
import sharp from "sharp";
import { localize } from "@/core/basics/words";
import { walkState } from "@/core/handover/walk/walk-state";
import { fold } from "@/core/handover/fold";
import type { Signature, SignatureContents, SignerSide } from "@/core/handover/seal";
import { isFromGallery, isOlderPhoto } from "@/core/handover/photo-age";
import { fetchedOf, isCorrected, mainValue, photosOf, statusOf } from "@/core/handover/state";
import type { SignedKind } from "@/core/handover/list";
import { lineSubject, type Line } from "@/core/handover/lines";
import { addendumWords } from "@/messages/addendum-words";
import { aloneWords, briefingSum, stopStatusWords } from "@/messages/briefing-words";
import { findings } from "@/messages/findings";
import { fetchedWords, valueWords } from "@/messages/line-words";
import { stampIn } from "@/messages/stamp";
import { englishTranslator } from "@/messages/translator";
import { addendaView } from "../addenda/addenda-view";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import { namesOf } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { sealedRecord } from "../record/record";
import { photoBytes } from "../db/photos";
import { Paper } from "./paper";

export interface PdfFile {
  bytes: Buffer;
  name: string;
}

/** Signatures with what was put on the glass, ready for paper. */
export function signaturesForPaper(
  signatures: readonly Signature[],
  contents: Partial<SignatureContents>,
  words: Record<SignerSide | "erased", string>,
  timeZone: string,
) {
  const sides: readonly SignerSide[] = signatures.some((each) => each.side === "witness")
    ? ["base", "witness"]
    : ["base", "skipper"];
  return sides.map((side) => {
    const signature = signatures.find((each) => each.side === side);
    const content = contents[side];
    const who = content?.name ?? words.erased;
    return {
      strokes: content?.strokes ?? [],
      typed: signature?.how === "typed" ? who : null,
      caption: `${words[side]}: ${who}${signature ? `, ${stampIn(signature.at, timeZone)}` : ""}`,
    };
  });
}

/** The sealed record of a handover on paper: what was noted first, then every line, photos, signatures and seal. */
export async function recordPdf(db: Queryable, handoverId: string): Promise<PdfFile> {
  const t = englishTranslator();
  const record = await sealedRecord(db, handoverId);
  const base = await currentBase(db);
  const stay = await findStay(db, { stayId: record.handover.stayId });
  const file = await yachtFileAt(db, record.handover.yachtId, record.handover.revision);
  if (!stay || !file) throw new Error("a record without its stay or file");
  const { list, seal } = record;
  const folded = fold(record.entries);
  const noted = findings(t, list, folded);
  const title = `${list.yacht.name}: ${t(`paper.record-${list.kind as SignedKind}`)}`;
  const paper = new Paper(title, seal.sealedAt);
  paper.head(title, file.particulars, [
    [t("paper.yacht"), `${list.yacht.name}, ${list.yacht.class}`],
    [
      t("paper.charter"),
      `${stay.reference}, ${stampIn(stay.startsAt, base.timeZone)} – ${stampIn(stay.endsAt, base.timeZone)}`,
    ],
    [t("paper.skipper"), `${stay.skipper}, ${list.stay.aboard} aboard`],
    [t("paper.signed"), stampIn(seal.sealedAt, base.timeZone)],
    [t("paper.file"), t("paper.file-revision", { revision: list.yacht.revision })],
    [t("paper.seal"), seal.seal],
  ]);
  paper.section(t("paper.noted"));
  const columns = [
    { title: t("sign.col-place"), share: 2 },
    { title: t("sign.col-what"), share: 3 },
    { title: t("sign.col-noted"), share: 6 },
  ];
  if (noted.length === 0) paper.line(t("sign.all-fine"));
  else
    paper.table(
      columns,
      noted.map((finding) => [finding.place, finding.name, `${t(`verdict.${finding.verdict}`)}: ${finding.words}`]),
    );
  if (list.kind === "check-in") paper.line(t("gate.decision"));
  const toCome = seal.manifest.entries.length - record.entries.length;
  if (toCome > 0) paper.line(t("paper.to-come", { toCome }), true);
  if (list.briefing) {
    const { briefing } = list;
    const state = walkState(briefing, folded);
    const names = await namesOf(
      db,
      [...state.standing.values()].flatMap((each) =>
        "cell" in each ? each.cell.heads.map((head) => head.by.person) : [],
      ),
    );
    paper.section(t("briefing.title"));
    for (const words of [briefingSum(t, briefing, state), ...aloneWords(t, state)]) paper.line(words);
    paper.table(
      [
        { title: t("briefing.topic"), share: 4 },
        { title: t("briefing.how"), share: 5 },
        { title: t("briefing.by"), share: 2 },
      ],
      briefing.stops.map((stop) => {
        const standing = state.standing.get(stop.id);
        const by =
          standing && "cell" in standing ? (names[standing.cell.heads[0]?.by.person ?? ""] ?? t("paper.erased")) : "";
        return [localize(stop.title), `${stopStatusWords(t, standing)}, ${t(`depth.${stop.depth}`)}`, by];
      }),
    );
    for (const { words, answered } of state.questions)
      paper.line(t(answered ? "briefing.question-answered" : "briefing.question-open", { words }));
  }
  const after = list.kind === "check-in" ? await addendaView(db, handoverId) : null;
  if (after && after.open.length > 0) {
    paper.section(t("paper.open"));
    paper.line(t("paper.open-words"));
    paper.table(
      [
        { title: t("sign.col-place"), share: 3 },
        { title: t("sign.col-what"), share: 4 },
        { title: t("paper.until"), share: 4 },
      ],
      after.open.map(({ place, name, reason, hours, until }) => [
        place,
        `${name}: ${reason}`,
        until === null ? t("paper.until-hours", { hours }) : stampIn(until, base.timeZone),
      ]),
    );
  }
  paper.section(t("paper.signatures"));
  paper.line(t("sign.declaration"));
  const { without } = seal.manifest;
  if (without)
    paper.line(t("paper.without-record", { why: t(`without.they-${without.reason}`), words: without.words }), true);
  paper.signatures(
    signaturesForPaper(
      seal.signatures,
      record.contents,
      { base: t("paper.base"), skipper: t("paper.skipper"), witness: t("paper.witness"), erased: t("paper.erased") },
      base.timeZone,
    ),
  );
  paper.section(t("paper.lines"));
  if (list.rules) paper.line(t(`paper.counted-${list.rules.expectedShown}`));
  const placeName = new Map(list.places.map((place) => [place.id, localize(place.name)]));
  const boatSaid = (line: Line) => {
    if (line.kind !== "reading") return "";
    const fetched = fetchedOf(folded, line);
    const value = mainValue(folded, line);
    if (!fetched || !value) return "";
    return ` (${t(isCorrected(value, fetched) ? "boat-data.corrected" : "boat-data.said", { from: fetched.from, value: fetchedWords(t, fetched.values) })})`;
  };
  paper.table(
    columns,
    list.lines.map((line) => {
      const standing = statusOf(folded, line);
      return [
        placeName.get(line.place) ?? "",
        localize(line.name),
        standing.step === "done" ? `${valueWords(t, line, standing.value)}${boatSaid(line)}` : t("paper.not-recorded"),
      ];
    }),
  );
  const noteOf = (subject: string) => (hash: string) =>
    isOlderPhoto(list, folded, subject, hash)
      ? ` (${t("photo.older")})`
      : isFromGallery(folded, subject, hash)
        ? ` (${t("photo.from-gallery")})`
        : "";
  const pictures = await picturesFor(db, [
    ...noted.map((finding) => ({
      caption: `${finding.name}: ${finding.words}`,
      photos: finding.photos,
      note: noteOf(/^(mark|found):[0-9a-f-]{36}$/.test(finding.id) ? finding.id : lineSubject(finding.id)),
    })),
    ...list.lines
      .filter((line) => !noted.some((finding) => finding.id === line.id))
      .map((line) => ({
        caption: localize(line.name),
        photos: photosOf(folded, lineSubject(line.id)),
        note: noteOf(lineSubject(line.id)),
      })),
  ]);
  if (pictures.length > 0) {
    paper.section(t("paper.photos"));
    paper.pictures(pictures);
  }
  if (record.addenda.length > 0) {
    paper.section(t("paper.addenda"));
    for (const kept of after?.addenda ?? [])
      paper.line(addendumWords(t, kept, (instant) => stampIn(instant, base.timeZone)));
    for (const addendum of record.addenda.filter(({ kind }) => kind === "late-entry"))
      paper.line(
        `${t("paper.late-entry", { made: stampIn(addendum.madeAt, base.timeZone), received: stampIn(addendum.receivedAt, base.timeZone) })}: ${addendum.id}`,
      );
  }
  const bytes = await paper.bytes(
    (page, pages) => `${base.name} · ${title} · ${t("paper.page", { page, pages })} · ${seal.seal.slice(0, 16)}`,
  );
  return { bytes, name: `${list.kind}-${list.yacht.name.toLowerCase().replaceAll(" ", "-")}-${stay.reference}.pdf` };
}

/** Pictures as JPEG, small enough for paper; those that have not arrived are left out. */
export async function picturesFor(
  db: Queryable,
  wanted: readonly { caption: string; photos: readonly string[]; note?: (hash: string) => string }[],
): Promise<{ bytes: Buffer; caption: string }[]> {
  const pictures: { bytes: Buffer; caption: string }[] = [];
  for (const { caption, photos, note } of wanted) {
    for (const hash of photos) {
      const photo = await photoBytes(db, hash, false);
      if (photo)
        pictures.push({
          caption: `${caption}${note?.(hash) ?? ""}`,
          bytes: await sharp(photo.bytes).resize(640, 480, { fit: "inside" }).jpeg({ quality: 75 }).toBuffer(),
        });
    }
  }
  return pictures;
}
