"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FileChange } from "@/core/yacht/changes";
import type { Trap, TrapSide } from "@/core/yacht/sisters";
import { fieldWords, valueText } from "@/messages/change-words";
import { OddNote } from "@/ui/OddNote";
import styles from "./shared/Desk.module.css";

interface Props {
  one: string;
  other: string;
  className: string;
  traps: Trap[];
  differences: FileChange[];
}

/** What of one side tells it apart: where it is, or how it is worked. */
function sideWords({ differs }: Trap, { place, where, how }: TrapSide): string {
  const isElsewhere = differs.includes("place") || differs.includes("where");
  return [isElsewhere ? `${place}, ${where}` : "", differs.includes("how") || differs.includes("opens") ? how : ""]
    .filter(Boolean)
    .join(": ")
    .replace(/\.$/, "");
}

/** Two sisters side by side, with only what differs; first what somebody would carry over wrongly from one to the other. */
export function SistersPage({ one, other, className, traps, differences }: Props) {
  const t = useTranslations();
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{t("sisters.title", { one, other })}</h1>
        <p>{t("sisters.words", { className, traps: traps.length, differences: differences.length })}</p>
      </Box>
      <h2>{t("sisters.traps")}</h2>
      {traps.length === 0 && <p>{t("sisters.none")}</p>}
      {traps.map((trap) => (
        <OddNote key={trap.fitting} title={trap.name}>
          {t("sisters.trap", {
            one,
            other,
            differs: trap.differs
              .filter((field) => field !== "where" || !trap.differs.includes("place"))
              .map((field) => t(`sisters.differs-${field}`))
              .join(", "),
            oneAt: sideWords(trap, trap.one),
            otherAt: sideWords(trap, trap.other),
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
