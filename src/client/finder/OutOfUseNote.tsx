"use client";
import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Finder.module.css";

/** That a thing is out of use or ashore, since when and why: said before all else. */
export function OutOfUseNote({
  file,
  outOfUse,
}: {
  file: YachtFile;
  outOfUse: NonNullable<YachtFile["fittings"][string]["outOfUse"]>;
}) {
  const t = useTranslations("equipment");
  return (
    <p className={styles.caution}>
      {t(outOfUse.how, { since: outOfUse.since, why: localizeFigures(file, outOfUse.why) })}
    </p>
  );
}
