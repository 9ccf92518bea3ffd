import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { ManualLink } from "../../finder/ManualLink";
import styles from "../Book.module.css";

/** The manuals that the base keeps of what is aboard; nothing where it keeps none. */
export function Manuals({ file }: { file: YachtFile }) {
  const t = useTranslations("equipment");
  const kept = Object.entries(file.equipment).flatMap(([id, part]) =>
    part.manual ? [{ id, name: localizeFigures(file, part.name), hash: part.manual }] : [],
  );
  if (kept.length === 0) return null;
  return (
    <section className={styles.block} aria-label={t("manuals")}>
      <h2>{t("manuals")}</h2>
      {kept.map(({ id, name, hash }) => (
        <div key={id}>
          <h3>{name}</h3>
          <ManualLink hash={hash} />
        </div>
      ))}
    </section>
  );
}
