"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { Line } from "@/core/handover/lines";
import { statusOf } from "@/core/handover/state";
import { reasonWords } from "@/messages/reason-words";
import { valueWords } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { VerdictMark } from "@/ui/VerdictMark";
import { LanguageButton } from "../language/LanguageButton";
import { NoSignalState } from "../offline/NoSignalState";
import { useHandover, useVersion } from "../store/handover-context";
import { FromPaper } from "./FromPaper";
import { lineViews, OverviewLines, personOf, type LineView } from "./overview-lines";
import { Override } from "./Override";
import { ToldTroubles } from "./ToldTroubles";
import styles from "./Sheets.module.css";

type View = LineView | "way" | "told" | "refused";
const isLineView = (view: View): view is LineView => lineViews.some((each) => each === view);

interface Props {
  /** where one stands */
  place: string;
  onGo: (place: string) => void;
  onClose: () => void;
  onSign: () => void;
}

/** What stands in the way, what is left, and any line by its name: one tap leads to its place. */
export function Overview({ place, onGo, onClose, onSign }: Props) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const { list } = store.bundle;
  const { gate } = store.sums();
  const lines = new OverviewLines(list, store.folded(), place);
  const [view, setView] = useState<View>(() => {
    if (lines.first.some((line) => statusOf(store.folded(), line).step === "open")) return "first";
    return gate.reasons.some((reason) => reason.code !== "lines-left") ? "way" : "left";
  });
  const [asked, setAsked] = useState("");
  const [bytes] = useState(() => store.keptBytes());
  const wanted = asked.trim().toLowerCase();
  return (
    <Sheet
      title={t("overview.title")}
      closeWord={t("common.close")}
      onClose={onClose}
      foot={<Button onClick={onSign}>{t("overview.sign")}</Button>}
    >
      <div className={styles.stack}>
        <Field label={t("overview.search")}>
          {(ids) => <input {...ids} type="search" value={asked} onChange={(event) => setAsked(event.target.value)} />}
        </Field>
        {wanted === "" && <ViewChoice {...{ lines, place, view }} onChoose={setView} />}
        <FromPaper />
        {wanted !== "" ? (
          <LineRows lines={lines} shown={lines.found(wanted)} none={t("overview.nothing-found")} onGo={onGo} />
        ) : isLineView(view) ? (
          <LineRows lines={lines} shown={lines.of(view)} none={t("overview.nothing-left")} onGo={onGo} />
        ) : view === "way" ? (
          <InTheWay lines={lines} onGo={onGo} />
        ) : view === "told" ? (
          <ToldTroubles />
        ) : (
          <RefusedEntries />
        )}
        <NoSignalState shell="/handover" bytes={bytes} />
        <LanguageButton />
      </div>
    </Sheet>
  );
}

/** The views there are here, each with how many it holds. */
function ViewChoice({
  lines,
  place,
  view,
  onChoose,
}: {
  lines: OverviewLines;
  place: string;
  view: View;
  onChoose: (view: View) => void;
}) {
  const t = useTranslations("overview");
  const store = useHandover();
  const { list } = store.bundle;
  const { progress } = store.sums();
  const refused = store.refusedEntries().length;
  const told = store.bundle.troubles?.length ?? 0;
  const near: readonly View[] = list.kind === "prep" ? [] : ["here", "level"];
  const views: readonly View[] = [
    ...(lines.first.length > 0 ? (["first"] as const) : []),
    "way",
    "left",
    ...near,
    "odd",
    ...(told > 0 ? (["told"] as const) : []),
    "all",
    ...(refused > 0 ? (["refused"] as const) : []),
  ];
  const counts = {
    odd: lines.of("odd").length,
    left: progress.left,
    first: lines.first.filter((line) => lines.isLeft(line)).length,
    here: lines.of("here").length,
    level: lines.of("level").length,
    which: lines.levelOf(place) ?? "",
    all: progress.total,
    told,
    refused,
  };
  return (
    <Choice
      label={t("title")}
      options={views.map((value) => ({ value, word: t(value, counts) }))}
      value={view}
      onChoose={onChoose}
    />
  );
}

/** What keeps her from leaving and what is only remarked, with who may lift it. */
function InTheWay({ lines, onGo }: { lines: OverviewLines; onGo: (place: string) => void }) {
  const t = useTranslations();
  const store = useHandover();
  const { list } = store.bundle;
  const { gate } = store.sums();
  return (
    <>
      <p className={styles.local}>{t("gate.decision")}</p>
      {gate.reasons.length === 0 && <p>{t("gate.nothing")}</p>}
      <ul className={styles.rows}>
        {[...gate.reasons]
          .sort((a, b) => Number(b.blocks) - Number(a.blocks))
          .map((reason) => {
            const line = list.lines.find((each) => each.id === reason.line);
            return (
              <li key={`${reason.code} ${reason.line} ${reason.words}`}>
                <VerdictMark verdict={reason.blocks ? "stop" : "watch"} />
                <span className={styles.plain}>{reasonWords(t, list, reason)}</span>
                <span className={styles.place}>{reason.blocks ? t(`gate.lift-${reason.lift}`) : t("gate.remark")}</span>
                {line && (
                  <Button onClick={() => onGo(line.place)}>
                    {t("overview.go", { place: lines.placeName(line.place) })}
                  </Button>
                )}
                <Override reason={reason} />
              </li>
            );
          })}
      </ul>
    </>
  );
}

/** What the base did not take, and why. */
function RefusedEntries() {
  const store = useHandover();
  return (
    <ul className={styles.rows}>
      {store.refusedEntries().map((kept) => (
        <li key={kept.id}>
          <VerdictMark verdict="stop" />
          <span>{kept.message}</span>
        </li>
      ))}
    </ul>
  );
}

function LineRows({
  lines,
  shown,
  none,
  onGo,
}: {
  lines: OverviewLines;
  shown: readonly Line[];
  none: string;
  onGo: (place: string) => void;
}) {
  return (
    <ul className={styles.rows}>
      {shown.length === 0 && <li>{none}</li>}
      {shown.map((line) => (
        <LineRow key={line.id} line={line} place={lines.placeName(line.place)} onGo={onGo} />
      ))}
    </ul>
  );
}

/** A line with where it is, why it comes first, and what was said of it by whom. */
function LineRow({ line, place, onGo }: { line: Line; place: string; onGo: (place: string) => void }) {
  const t = useTranslations();
  const store = useHandover();
  const { list, me } = store.bundle;
  const status = statusOf(store.folded(), line);
  const why = list.first?.find((each) => each.line === line.id)?.why;
  const person = status.step === "done" ? personOf(status.cell) : "";
  const by = person === me.person ? "" : store.nameOf(person);
  return (
    <li>
      {status.step === "done" && <VerdictMark verdict={status.verdict} />}
      <Button look="quiet" onClick={() => onGo(line.place)}>
        {localize(line.name)}
      </Button>
      <span className={styles.place}>
        {place}
        {why && ` · ${t(`first.${why}`)}`}
        {status.step === "done" ? ` · ${valueWords(t, line, status.value)}` : ""}
        {status.step === "done" && by !== "" && ` · ${t("crew-join.by", { name: by })}`}
      </span>
    </li>
  );
}
