import { useTranslations } from "next-intl";
import type { BerthingPlan, WayTried } from "@/core/berthing/schema";
import type { Translator } from "@/messages/translator";
import { VerdictMark } from "@/ui/VerdictMark";
import { useShown } from "../frame/units";
import styles from "./Berth.module.css";

interface Props {
  plan: BerthingPlan;
  chosen: string | null;
  onChoose: (way: string) => void;
}

/** Every manoeuvre that was tried, with how often it stayed clear and what went wrong; a tap draws it. */
export function WaysTried({ plan, chosen, onChoose }: Props) {
  const t = useTranslations() as unknown as Translator;
  const metres = useShown()("m");
  const more = ({ clear, trials, roomM, seconds, spoilt }: WayTried) =>
    [
      t("berthing.clear-of", { clear, trials }),
      clear === trials && roomM ? t("berthing.least-room", { room: metres.words(roomM.least, 1) }) : "",
      clear === trials ? t("berthing.seconds", { seconds: Math.round(seconds) }) : "",
      ...spoilt.map((each) => t(`berthing.spoilt-${each.code}`, { trials: each.trials })),
    ]
      .filter((words) => words !== "")
      .join(" · ");
  return (
    <section aria-label={t("berthing.tried")}>
      <h3>{t("berthing.tried")}</h3>
      <ul className={styles.ways}>
        {plan.ways.map((way) => (
          <li key={way.way}>
            <button type="button" aria-pressed={way.way === chosen} onClick={() => onChoose(way.way)}>
              <VerdictMark verdict={verdictOf(way)} size={24} />
              <strong>{t(`berthing-way.${way.way as "straight"}`)}</strong>
              <small>{more(way)}</small>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const verdictOf = ({ clear, trials }: WayTried) => (clear === trials ? "fine" : clear * 2 >= trials ? "watch" : "stop");
