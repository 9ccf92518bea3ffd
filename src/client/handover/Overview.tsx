"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { Cell } from "@/core/handover/fold";
import type { Line } from "@/core/handover/lines";
import { statusOf } from "@/core/handover/state";
import { reasonWords } from "@/messages/reason-words";
import { valueWords } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { VerdictMark } from "@/ui/VerdictMark";
import { NoSignalState } from "../offline/NoSignalState";
import { useHandover, useVersion } from "../store/handover-context";
import { FromPaper } from "./FromPaper";
import { Override } from "./Override";
import styles from "./Sheets.module.css";

type View = "first" | "way" | "left" | "here" | "level" | "odd" | "all" | "refused";

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
  const { gate, progress } = store.sums();
  const [view, setView] = useState<View>(
    list.first &&
      list.first.some(({ line }) =>
        list.lines.some((each) => each.id === line && statusOf(store.folded(), each).step === "open"),
      )
      ? "first"
      : gate.reasons.some((reason) => reason.code !== "lines-left")
        ? "way"
        : "left",
  );
  const [asked, setAsked] = useState("");
  const [bytes] = useState(() => store.keptBytes());
  const folded = store.folded();
  const placeName = (id: string) => localize(list.places.find((place) => place.id === id)?.name ?? { en: id });
  const wanted = asked.trim().toLowerCase();
  const refused = store.refusedEntries();
  const isLeft = (line: Line) => statusOf(folded, line).step !== "done";
  const levelOf = (id: string) => list.places.find((each) => each.id === id)?.level;
  const isNear = (line: Line, which: View) =>
    which === "here" ? line.place === place : levelOf(line.place) === levelOf(place);
  const leftNear = (which: "here" | "level") => list.lines.filter((line) => isLeft(line) && isNear(line, which)).length;
  // what is odd, by whomever it was found: that is what briefer and skipper want to see of what the crew counts
  const odd = list.lines.filter((line) => {
    const standing = statusOf(folded, line);
    return standing.step === "fork" || (standing.step === "done" && standing.verdict !== "fine");
  });
  const asFirst = (list.first ?? []).flatMap((each) => list.lines.filter((line) => line.id === each.line));
  const lines = (view === "first" && wanted === "" ? asFirst : list.lines).filter((line) => {
    if (/^#\d+$/.test(wanted)) return list.lines[Number(wanted.slice(1)) - 1] === line;
    if (wanted !== "") return `${localize(line.name)} ${placeName(line.place)}`.toLowerCase().includes(wanted);
    if (view === "odd") return odd.includes(line);
    if (view === "first") return true;
    return view === "all" || (isLeft(line) && (view === "left" || isNear(line, view)));
  });
  const nameBy = (cell: Cell) => {
    const person = cell.heads[0]?.by.person ?? "";
    return person === store.bundle.me.person ? "" : store.nameOf(person);
  };
  const first = new Map((list.first ?? []).map(({ line, why }) => [line, why]));
  const firstLeft = list.lines.filter((line) => first.has(line.id) && isLeft(line)).length;
  const near: View[] = list.kind === "prep" ? [] : ["here", "level"];
  const views: View[] = [
    ...(first.size > 0 ? (["first"] as const) : []),
    "way",
    "left",
    ...near,
    "odd",
    "all",
    ...(refused.length > 0 ? (["refused"] as const) : []),
  ];
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
        {wanted === "" && (
          <Choice
            label={t("overview.title")}
            options={views.map((each) => ({
              value: each,
              word: t(`overview.${each}`, {
                odd: odd.length,
                left: progress.left,
                first: firstLeft,
                here: leftNear("here"),
                level: leftNear("level"),
                which: levelOf(place) ?? "",
                all: progress.total,
                refused: refused.length,
              }),
            }))}
            value={view}
            onChoose={setView}
          />
        )}
        <FromPaper />
        {wanted === "" && view === "way" && (
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
                      <span className={styles.place}>
                        {reason.blocks ? t(`gate.lift-${reason.lift}`) : t("gate.remark")}
                      </span>
                      {line && (
                        <Button onClick={() => onGo(line.place)}>
                          {t("overview.go", { place: placeName(line.place) })}
                        </Button>
                      )}
                      <Override reason={reason} />
                    </li>
                  );
                })}
            </ul>
          </>
        )}
        {wanted === "" && view === "refused" && (
          <ul className={styles.rows}>
            {refused.map((kept) => (
              <li key={kept.id}>
                <VerdictMark verdict="stop" />
                <span>{kept.message}</span>
              </li>
            ))}
          </ul>
        )}
        {(wanted !== "" ||
          view === "first" ||
          view === "left" ||
          view === "here" ||
          view === "level" ||
          view === "odd" ||
          view === "all") && (
          <ul className={styles.rows}>
            {lines.length === 0 && <li>{wanted === "" ? t("overview.nothing-left") : t("overview.nothing-found")}</li>}
            {lines.map((line) => {
              const standing = statusOf(folded, line);
              return (
                <li key={line.id}>
                  {standing.step === "done" && <VerdictMark verdict={standing.verdict} />}
                  <Button look="quiet" onClick={() => onGo(line.place)}>
                    {localize(line.name)}
                  </Button>
                  <span className={styles.place}>
                    {placeName(line.place)}
                    {first.has(line.id) && ` · ${t(`first.${first.get(line.id) ?? "often"}`)}`}
                    {standing.step === "done" ? ` · ${valueWords(t, line, standing.value)}` : ""}
                    {standing.step === "done" &&
                      nameBy(standing.cell) !== "" &&
                      ` · ${t("crew-join.by", { name: nameBy(standing.cell) })}`}
                  </span>
                </li>
              );
            })}
          </ul>
        )}
        <NoSignalState shell="/handover" bytes={bytes} />
      </div>
    </Sheet>
  );
}
