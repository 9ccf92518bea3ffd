import { useTranslations } from "next-intl";
import { reefHours, type ReefAnswer } from "@/core/underway/reef";
import { localizeFigures } from "@/core/yacht/figures";
import { useLineWords } from "../../rig/use-line-words";
import type { OfBoat } from "../frame/of-boat";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";

/** Her own reefs: from which wind, how each is set, with which line, and when it is due by the forecast. */
export function ReefTable({ of, answered }: { of: OfBoat; answered: Extract<ReefAnswer, { answer: object }> }) {
  const t = useTranslations("reefing");
  const { file } = of;
  const shown = useShown()("kn");
  const clock = useClock(of.timeZone, of.now);
  const { colours, workedBy } = useLineWords(file);
  const hours = reefHours(of.outlook, answered.input, of.now, 24);
  const order = answered.input.table.map(({ id }) => id);
  return (
    <section>
      <h3>{t("her-reefs")}</h3>
      <ol className={styles.steps}>
        {answered.input.table.map(({ id, fromKn }) => {
          const reef = file.reefs[id];
          if (!reef) return null;
          const line = reef.clewLine === undefined ? undefined : file.lines[reef.clewLine];
          const due = hours.find(({ set }) => set !== null && order.indexOf(set) >= order.indexOf(id));
          return (
            <li key={id} data-due={answered.answer.set === id || undefined}>
              <strong>
                {t("from", { kn: shown.words(fromKn) })}: {localizeFigures(file, reef.set)}
              </strong>
              {reef.halyardMark && <span>{t("halyard", { mark: localizeFigures(file, reef.halyardMark) })}</span>}
              {reef.tack && <span>{t("tack", { tack: localizeFigures(file, reef.tack) })}</span>}
              {line && (
                <span>
                  {t("clew", { line: localizeFigures(file, line.name), colours: colours(line), by: workedBy(line) })}
                </span>
              )}
              {due && <span>{t("due-at", { at: clock(due.at) })}</span>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
