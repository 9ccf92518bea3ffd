import "server-only";
import { localize } from "@/core/basics/words";
import { fold } from "@/core/handover/fold";
import { kindOf, type Line } from "@/core/handover/lines";
import { saidIn } from "@/messages/line-words";
import { statusOf } from "@/core/handover/state";
import { stampIn } from "@/messages/stamp";
import { englishTranslator } from "@/messages/translator";
import { now } from "../clock";
import { currentBase } from "../db/base";
import { findStay } from "../db/charters";
import { entriesAfter } from "../db/entries";
import { findHandover } from "../db/handovers";
import type { Queryable } from "../db/pool";
import { yachtFileAt } from "../db/yachts";
import { AppError } from "@/api/app-error";
import { Paper } from "./paper";
import type { PdfFile } from "./record";

/** Paper as a last resort: every line that is left, with its number, place and room to write. Typed in later, it goes under the paper's time. */
export async function leftPdf(db: Queryable, handoverId: string): Promise<PdfFile> {
  const t = englishTranslator();
  const handover = await findHandover(db, handoverId);
  if (!handover) throw new AppError("no-such-handover");
  const { list } = handover;
  const stay = await findStay(db, { stayId: handover.stayId });
  const file = await yachtFileAt(db, handover.yachtId, handover.revision);
  if (!stay || !file) throw new Error("a handover without its stay or file");
  const base = await currentBase(db);
  const folded = fold((await entriesAfter(db, handoverId, 0)).map(({ entry }) => entry));
  const title = t("left-paper.title", { yacht: list.yacht.name, kind: t(`kind.${list.kind}`) });
  const paper = new Paper(title, now());
  paper.head(title, file.particulars, [
    [
      t("paper.charter"),
      `${stay.reference}, ${stampIn(stay.startsAt, base.timeZone)} – ${stampIn(stay.endsAt, base.timeZone)}`,
    ],
    [t("paper.skipper"), `${stay.skipper}, ${list.stay.aboard} aboard`],
    [t("left-paper.printed"), stampIn(now(), base.timeZone)],
    [t("left-paper.written"), "________________________________"],
  ]);
  paper.line(t("left-paper.words"));
  for (const place of list.places) {
    const rows = list.lines.flatMap((line, index) =>
      line.place === place.id && statusOf(folded, line).step !== "done"
        ? [[`#${index + 1}`, localize(line.name), roomFor(t, line)]]
        : [],
    );
    if (rows.length === 0) continue;
    paper.section(localize(place.name));
    paper.table(
      [
        { title: t("left-paper.number"), share: 1 },
        { title: t("sign.col-what"), share: 5 },
        { title: t("left-paper.write"), share: 6 },
      ],
      rows,
    );
  }
  const bytes = await paper.bytes((page, pages) => `${base.name} · ${title} · ${t("paper.page", { page, pages })}`);
  return {
    bytes,
    name: `left-${list.kind}-${list.yacht.name.toLowerCase().replaceAll(" ", "-")}-${stay.reference}.pdf`,
  };
}

const blank = "________";

/** What is to be written beside a line, by its kind; a count stays blind on paper as well. */
function roomFor(t: ReturnType<typeof englishTranslator>, line: Line): string {
  return kindOf(line)
    .paper(line)
    .map(({ say, box, blank: written }) => {
      const words = saidIn(t, say);
      return [
        ...(box ? ["[  ]"] : []),
        ...(written === "before" ? [blank] : []),
        words,
        ...(written === "after" ? [blank] : []),
      ].join(" ");
    })
    .join("   ");
}
