"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useId, type ReactNode } from "react";
import type { Cell } from "@/core/handover/fold";
import { asRecorded, kindOf, lineSubject, type Line } from "@/core/handover/lines";
import { localize } from "@/core/basics/words";
import { valueWords } from "@/messages/line-words";
import { Button } from "@/ui/Button";
import { Chip } from "@/ui/Chip";
import { useHandover, useLine } from "../store/handover-context";
import { PhotoAndRemark } from "./PhotoAndRemark";
import styles from "./Row.module.css";

interface Props {
  line: Line;
  how: string;
  /** what is to be told beside how it stands: where it was found */
  beside?: string | null;
  note?: string | null;
  wide?: boolean;
  /** what else is to be known beside the name: "skipper tries it" */
  tag?: string;
  /** what else can be said of this kind of line, beside photo and remark */
  more?: ReactNode;
  /** a form that opens under the line, over its whole width */
  below?: ReactNode;
  children: (labelId: string) => ReactNode;
}

/** The frame of a line: its name, where or how, how it stands, and what to do on the right. */
export function Row({ line, how, beside, note, wide = false, tag, more, below, children }: Props) {
  const t = useTranslations();
  const store = useHandover();
  const format = useFormatter();
  const labelId = useId();
  const { cell, value } = useLine(line);
  const verdict = value === null ? null : kindOf(line).verdict(line, value);
  const says = value === null ? null : [valueWords(t, line, value), ...(beside ? [beside] : [])].join(", ");
  const before = store.bundle.before[line.id];
  const head = cell?.heads[0]?.by;
  // what somebody else recorded carries the name
  const by = head && head.person !== store.bundle.me.person ? store.nameOf(head.person) : "";
  const known = store.bundle.list.known?.find(({ subject }) => subject === lineSubject(line.id));
  const aboard = line.at === undefined ? undefined : store.bundle.file.places[line.at];
  const name = localize(line.name);
  return (
    <li
      className={`${styles.row} ${wide ? styles.wide : ""} ${line.kind === "count" ? styles.slim : ""}`}
      data-line={line.id}
      data-open={cell && !cell.fork ? undefined : true}
    >
      <div className={styles.what}>
        <h2 id={labelId}>
          {name}
          {tag && <span className={styles.tag}>{tag}</span>}
          {line.safety && <span className={styles.safety}>{t("line.safety")}</span>}
        </h2>
        <p className={styles.how}>
          {aboard && `${localize(aboard.name)}: `}
          {how}
        </p>
        {note && <p className={styles.caution}>{note}</p>}
        {known && (
          <p className={styles.before}>
            <strong>
              {t("known.since", {
                at: format.dateTime(new Date(known.since), {
                  day: "numeric",
                  month: "short",
                  timeZone: store.bundle.base.timeZone,
                }),
                words: known.words,
              })}
            </strong>
          </p>
        )}
        {before && line.kind !== "mark" && (
          <p className={styles.before}>
            {t("line.at-check-in", {
              value: valueWords(
                t,
                store.bundle.list.kind === "check-out" ? atCheckIn(line) : line,
                asRecorded(line, before.value),
              ),
            })}
          </p>
        )}
        {cell?.fork && <ForkNote line={line} cell={cell} />}
        <div className={styles.says}>
          {!cell?.fork && verdict && says && <Chip verdict={verdict}>{says}</Chip>}
          {by && <span className={styles.by}>{t("crew-join.by", { name: by })}</span>}
          <PhotoAndRemark subject={lineSubject(line.id)} name={name} more={more} />
        </div>
      </div>
      <div className={styles.act}>{children(labelId)}</div>
      {below && <div className={styles.below}>{below}</div>}
    </li>
  );
}

/** At check-in the expected count was the yacht file's; here only the number found is of interest. */
function atCheckIn(line: Line): Line {
  return line.kind === "count" ? { ...line, expected: 0 } : line;
}

/** Two devices recorded different things: both are shown, a person says which stands. */
function ForkNote({ line, cell }: { line: Line; cell: Cell }) {
  const t = useTranslations();
  const store = useHandover();
  return (
    <div className={styles.fork} role="group" aria-label={t("fork.title")}>
      <p>
        <strong>{t("fork.title")}</strong> {t("fork.words")}
      </p>
      {cell.heads.map((head) => (
        <Button key={head.id} onClick={() => store.recordLine(line, asRecorded(line, head.value))}>
          {valueWords(t, line, asRecorded(line, head.value))}
        </Button>
      ))}
    </div>
  );
}
