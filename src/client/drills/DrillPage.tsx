"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { drillsOf } from "@/core/drills/from-file";
import type { YachtFile } from "@/core/yacht/schema";
import { useLanguage } from "../language/language";
import { DrillPanel } from "./DrillPanel";
import styles from "./Drills.module.css";
import { WithDrillWords } from "./DrillWords";

interface Props {
  file: YachtFile;
  /** which device is worked; null for all there are */
  drill: string | null;
  onDrill: (drill: string | null) => void;
}

/** Her devices to be worked beforehand: all of them, or one. */
export const DrillPage = (props: Props) => (
  <WithDrillWords>
    <AllOrOne {...props} />
  </WithDrillWords>
);

function AllOrOne({ file, drill: key, onDrill }: Props) {
  const t = useTranslations();
  const language = useLanguage();
  const drills = drillsOf(file);
  const drill = drills.find((each) => each.key === key);
  if (drill) return <DrillPanel key={drill.key} drill={drill} onBack={() => onDrill(null)} />;
  return (
    <div className={styles.page}>
      <h1>{t("drill.title")}</h1>
      <p>{t("drill.words")}</p>
      <ul className={styles.list}>
        {drills.map((each) => {
          const title = t(`drill-device.${each.device as "engine"}`);
          return (
            <li key={each.key}>
              <button type="button" onClick={() => onDrill(each.key)}>
                <strong>
                  {each.part ? t("drill.of-part", { title, part: localize(each.part, language) }) : title}
                </strong>
                <small>{t(`drill-task.${(each.tasks[0]?.task ?? "") as "lower"}`)}</small>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
