"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FileChange } from "@/core/yacht/changes";
import type { Trap } from "@/core/yacht/sisters";
import { fieldWords, valueText } from "@/messages/change-words";
import { OddNote } from "@/ui/OddNote";
import styles from "./Desk.module.css";

interface Props {
  one: string;
  other: string;
  className: string;
  traps: Trap[];
  differences: FileChange[];
}

/** Two sisters side by side, with only what differs; first what somebody would carry over wrongly from one to the other. */
export function SistersPage({ one, other, className, traps, differences }: Props) {
  const t = useTranslations();
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{t("sisters.title", { one, other })}</h1>
        <p>{t("sisters.words", { className, traps: traps.length, differences: differences.length })}</p>
      </Box>
      <h2>{t("sisters.traps")}</h2>
      {traps.length === 0 && <p>{t("sisters.none")}</p>}
      {traps.map((trap) => (
        <OddNote key={trap.fitting} title={trap.name}>
          {t("sisters.trap", {
            one, other, differs: trap.differs.map((field) => t(`sisters.differs-${field}`)).join(", "), oneAt: `${trap.one.place}, ${trap.one.where}`, otherAt: `${trap.other.place}, ${trap.other.where}`,
          })}
        </OddNote>
      ))}
      <h2>{t("sisters.all")}</h2>
      <table className={styles.table} aria-label={t("sisters.all")}>
        <thead>
          <tr>
            <th scope="col">{t("sisters.what")}</th>
            <th scope="col">{one}</th>
            <th scope="col">{other}</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((change) => (
            <tr key={change.path}>
              <th scope="row">
                {change.part}
                {change.field && `, ${fieldWords(change.field)}`}
              </th>
              <td>{valueText(t, change.from)}</td>
              <td>{valueText(t, change.to)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </chakra.main>
  );
}
