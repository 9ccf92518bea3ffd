"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { Asked, Drilled } from "@/core/briefing/drilled/drilled";
import { drillsOf } from "@/core/drills/hers";
import type { YachtFile } from "@/core/yacht/schema";
import { useLanguage } from "../language/language";
import { DrillPanel, type OnRun } from "./DrillPanel";
import styles from "./Drills.module.css";
import type { TellDrill } from "./told-drill";
import { WithDrillWords } from "./DrillWords";

/** How somebody stands with a device, and whether it is asked for. */
export interface StandingOf {
  drilled: Drilled;
  asked: Asked;
  /** the base wants it done alone before one walks her without a briefer */
  byBase: boolean;
}

interface Props {
  file: YachtFile;
  /** which device is worked; null for all there are */
  drill: string | null;
  /** by drill; empty where nobody is known who works them */
  standings?: readonly StandingOf[];
  onRun?: OnRun;
  tell?: TellDrill;
  onDrill: (drill: string | null) => void;
}

/** Her devices to be worked beforehand: all of them, or one. */
export const DrillPage = (props: Props) => (
  <WithDrillWords>
    <AllOrOne {...props} />
  </WithDrillWords>
);

const nobody: readonly StandingOf[] = [];
const unkept: OnRun = () => undefined;

function AllOrOne({ file, drill: key, standings = nobody, onRun = unkept, tell, onDrill }: Props) {
  const t = useTranslations();
  const language = useLanguage();
  const drills = drillsOf(file);
  const drill = drills.find((each) => each.key === key);
  const standingOf = (of: string) => standings.find(({ drilled }) => drilled.drill.key === of);
  if (drill)
    return (
      <DrillPanel
        key={drill.key}
        drill={drill}
        standing={standingOf(drill.key)?.drilled ?? null}
        onRun={onRun}
        tell={tell}
        onBack={() => onDrill(null)}
      />
    );
  return (
    <div className={styles.page}>
      <h1>{t("drill.title")}</h1>
      <p>{t("drill.words")}</p>
      <ul className={styles.list}>
        {drills.map((each) => {
          const title = t(`drill-device.${each.device as "engine"}`);
          const standing = standingOf(each.key);
          return (
            <li key={each.key}>
              <button type="button" onClick={() => onDrill(each.key)}>
                <strong>
                  {each.part ? t("drill.of-part", { title, part: localize(each.part, language) }) : title}
                </strong>
                <small>{t(`drill-task.${(each.tasks[0]?.task ?? "") as "lower"}`)}</small>
                {standing && <StandingLine standing={standing} />}
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** How it stands with one device, in a few words. */
export function StandingLine({ standing: { drilled, asked, byBase } }: { standing: StandingOf }) {
  const t = useTranslations("drill");
  const isTried = drilled.tasks.some(({ runs }) => runs > 0);
  const words = [
    asked === "free" ? (isTried ? null : t("not-tried")) : t(`asked-${asked}`),
    byBase && asked !== "done" ? t("asked-base") : null,
  ].filter((each) => each !== null);
  return words.length > 0 ? (
    <small className={styles.asked} data-asked={asked}>
      {words.join(" · ")}
    </small>
  ) : null;
}
