import "server-only";
import { signaturesForPaper } from "./paper-signatures";
import { picturesFor } from "./pictures";
import { formatMoney } from "@/core/basics/money";
import { usualLanguage, type Language } from "@/core/basics/languages";
import { localize, type Words } from "@/core/basics/words";
import { studyState } from "@/core/briefing/study/study";
import { differenceWords, evidenceWords, priorWords } from "@/messages/difference-words";
import { extraName } from "@/messages/extra-words";
import { stampIn } from "@/messages/stamp";
import { translatorOf, type Translator } from "@/messages/translator";
import type { Queryable } from "../db/pool";
import { settlementContents } from "../db/settlements";
import { studyAnswersOf } from "../db/study";
import { yachtFileAt } from "../db/yachts";
import { depositEvents } from "../db/deposits";
import { settlementView, type SettlementView } from "../settlement/view";
import { Paper } from "./paper";
import type { PdfFile } from "./record";

/** The statement of a charter on paper: differences with both sides' evidence, each sum with how it came about, deposit, signatures. */
export async function statementPdf(
  db: Queryable,
  stayId: string,
  language: Language = usualLanguage,
): Promise<PdfFile> {
  const t = translatorOf(language);
  const view = await settlementView(db, stayId);
  const { stay, checkIn, checkOut, signed, base } = view;
  const { timeZone } = base;
  const file = await yachtFileAt(db, stay.yachtId, checkIn.handover.revision);
  if (!file) throw new Error("a record without its file");
  // names of things in the language the skipper named, where the yacht's file has them
  const named = studyState(await studyAnswersOf(db, stay.stayId), []).experience?.language ?? language;
  const input = signed?.input ?? view.input;
  const money = (minor: number) => formatMoney(minor, input.currency, language);
  const title = `${stay.yachtName}: ${t("paper.statement")}`;
  const paper = new Paper(title, signed?.sealedAt ?? checkOut.seal.sealedAt, language);
  paper.head(signed ? title : `${title} (${t("paper.draft")})`, file.particulars, [
    [
      t("paper.charter"),
      `${stay.reference}, ${stampIn(stay.startsAt, timeZone, language)} – ${stampIn(stay.endsAt, timeZone, language)}`,
    ],
    [t("paper.charterer"), stay.charterer],
    [t("paper.skipper"), stay.skipper],
    [t("paper.deposit"), money(input.deposit.amountMinor)],
    ...(signed
      ? ([
          [t("paper.signed"), stampIn(signed.sealedAt, timeZone, language)],
          [t("paper.seal"), signed.seal],
        ] as [string, string][])
      : []),
  ]);
  const nameOf = new Map([
    ...view.differences.map((each): [string, string] => [each.id, localize(each.name, named)]),
    ...view.extras.map(({ id, extra }): [string, string] => [id, extraName(t, extra, view.base.timeZone, language)]),
  ]);
  const sheet: StatementSheet = { t, language, paper, view, named: (words) => localize(words, named), nameOf, money };
  differencesSection(sheet);
  linesSection(sheet);
  sumsSection(sheet);
  sinceSigned(sheet);
  await depositSection(db, sheet);
  if (signed) await signaturesSection(db, sheet, signed);
  await photosSection(db, sheet);
  const bytes = await paper.bytes((page, pages) => `${base.name} · ${title} · ${t("paper.page", { page, pages })}`);
  return { bytes, name: `statement-${stay.reference}.pdf` };
}

interface StatementSheet {
  t: Translator;
  language: Language;
  paper: Paper;
  view: SettlementView;
  /** a name in the skipper's language, where the yacht's file has it */
  named: (words: Words) => string;
  /** what each line of the statement is called, by its id */
  nameOf: ReadonlyMap<string, string>;
  money: (minor: number) => string;
}

/** What is not the same, with what each side recorded of it. */
function differencesSection({ t, language, paper, view, named }: StatementSheet): void {
  const { timeZone } = view.base;
  const { checkOut } = view;
  paper.section(t("paper.differences"));
  if (view.differences.length === 0) paper.line(t("sign.all-fine"));
  else {
    paper.table(
      [
        { title: t("sign.col-what"), share: 4 },
        { title: t("paper.before"), share: 3 },
        { title: t("paper.after"), share: 3 },
      ],
      view.differences.map((difference) => {
        const prior = priorWords(t, view.priors[difference.id], timeZone, language);
        return [
          `${named(difference.name)}: ${differenceWords(t, difference)}${prior === null ? "" : `. ${prior}`}`,
          evidenceWords(t, difference, difference.before, checkOut.list),
          evidenceWords(t, difference, difference.after, checkOut.list),
        ];
      }),
    );
  }
}

/** Each line with how its sum came about. */
function linesSection({ t, paper, view, nameOf, money }: StatementSheet): void {
  const { signed } = view;
  const output = signed?.output ?? view.output;
  paper.section(t("paper.money"));
  const reserved = new Map((signed?.reservations ?? []).map((each) => [each.line, each.words]));
  if (output.lines.length > 0) {
    paper.table(
      [
        { title: t("sign.col-what"), share: 3 },
        { title: t("paper.how"), share: 6 },
        { title: t("paper.charged"), share: 2, right: true },
        { title: t("paper.heldcol"), share: 2, right: true },
      ],
      output.lines.map((line) => {
        const words = reserved.get(line.id);
        return [
          nameOf.get(line.id) ?? line.id,
          [line.how, ...goodwillWords(t, view, line.id), ...(words ? [t("paper.reservation", { words })] : [])].join(
            " · ",
          ),
          money(line.chargedMinor),
          money(line.heldMinor),
        ];
      }),
    );
  }
}

/** What it comes to, and what is still open. */
function sumsSection({ t, language, paper, view, money }: StatementSheet): void {
  const { signed, base } = view;
  const { timeZone } = base;
  const output = signed?.output ?? view.output;
  for (const { extra } of view.extras) if (extra.kind === "fuel") paper.line(extraName(t, extra, timeZone, language));
  paper.table(
    [
      { title: "", share: 7 },
      { title: t("paper.amount"), share: 2, right: true },
    ],
    [
      [t("paper.due"), money(output.dueMinor)],
      ...(!signed && view.range
        ? [[t("paper.range"), `${money(view.range.lowMinor)} – ${money(view.range.highMinor)}`]]
        : []),
      [t("paper.capture"), money(output.captureMinor)],
      [t("paper.held"), money(output.heldMinor)],
      [t("paper.release"), money(output.releaseMinor)],
      [t("paper.still"), money(output.stillToPayMinor)],
    ],
  );
  for (const { extra } of view.extras)
    if (extra.kind === "below-water")
      paper.line(
        t("paper.below-water", { sum: money(extra.amountMinor), until: stampIn(extra.until, timeZone, language) }),
        true,
      );
  // once nothing is open any more the paper does not say so
  if (output.heldMinor > 0 && (view.after?.concluded.open ?? 1) > 0)
    paper.line(t("paper.hold-open", { sum: money(output.heldMinor) }), true);
  if (signed?.without && signed.objectUntil) {
    paper.line(
      t("paper.without", {
        why: t(`without.they-${signed.without.reason}`),
        words: signed.without.words,
        until: stampIn(signed.objectUntil, timeZone, language),
        phone: base.phone,
      }),
      true,
    );
  }
  if (signed && signed.cameSince > 0) paper.line(t("paper.came-since", { came: signed.cameSince }));
}

/** What was held, taken and given back, as it happened. */
async function depositSection(db: Queryable, { t, language, paper, view, money }: StatementSheet): Promise<void> {
  const {
    stay,
    base: { timeZone },
  } = view;
  const events = await depositEvents(db, stay.stayId);
  for (const event of events)
    paper.line(
      `${stampIn(event.at, timeZone, language)}: ${money(event.amountMinor)} ${t(`deposit.${event.kind}`, { how: stay.terms.deposit.how })}${event.reference ? `, ${event.reference}` : ""}`,
    );
  if (stay.terms.deposit.how === "card-hold") paper.line(t("paper.simulated"));
}

async function signaturesSection(
  db: Queryable,
  { t, language, paper, view }: StatementSheet,
  signed: NonNullable<SettlementView["signed"]>,
): Promise<void> {
  const { timeZone } = view.base;
  const contents = await settlementContents(db, signed.id);
  paper.section(t("paper.signatures"));
  paper.signatures(
    signaturesForPaper(
      signed.signatures,
      contents,
      {
        base: t("paper.base"),
        skipper: t("paper.charterer"),
        witness: t("paper.witness"),
        erased: t("paper.erased"),
      },
      timeZone,
      language,
    ),
  );
}

/** Pictures of both ends beside one another, so that anybody can compare them. */
async function photosSection(db: Queryable, { t, paper, view, named }: StatementSheet): Promise<void> {
  const pairs = await Promise.all(
    view.differences.map(async (difference) => ({
      title: `${named(difference.name)}: ${differenceWords(t, difference)}`,
      before: await picturesFor(db, [{ caption: t("paper.before"), photos: difference.before?.photos ?? [] }]),
      after: await picturesFor(db, [{ caption: t("paper.after"), photos: difference.after?.photos ?? [] }]),
    })),
  );
  const withPictures = pairs.filter(({ before, after }) => before.length + after.length > 0);
  if (withPictures.length > 0) {
    paper.section(t("paper.photos"));
    for (const pair of withPictures) paper.sideBySide(pair.title, pair.before, pair.after, t("paper.no-photo"));
  }
}

/** A reduction as goodwill with who gave it and why. */
function goodwillWords(t: Translator, { decided }: SettlementView, id: string): string[] {
  const standing = decided[id];
  return standing && (standing.decision.goodwillMinor ?? 0) > 0
    ? [t("paper.goodwill", { by: standing.by, why: standing.why })]
    : [];
}

/** What came of a signed statement: objections, sums agreed in the end. */
function sinceSigned({ t, language, paper, view: { after, base }, nameOf, money }: StatementSheet): void {
  if (!after || after.objections.length + after.outcomes.length === 0) return;
  paper.section(t("paper.afterwards"));
  for (const { line, words, at } of after.objections)
    paper.line(
      t("paper.objected", { at: stampIn(at, base.timeZone, language), name: nameOf.get(line) ?? line, words }),
    );
  for (const { line, words, at, by, amountMinor } of after.outcomes)
    paper.line(
      t("paper.agreed", {
        at: stampIn(at, base.timeZone, language),
        name: nameOf.get(line) ?? line,
        sum: money(amountMinor),
        by,
        words,
      }),
    );
}
