"use client";
import { useTranslations } from "next-intl";
import { backFields, backUsual } from "@/core/underway/way-back";
import { withTyped } from "@/core/underway/known";
import { Button } from "@/ui/Button";
import { useWayBack } from "../back/useWayBack";
import { useWhereSheIs } from "../back/where-she-is";
import type { OfBoat } from "../frame/of-boat";
import { useClock } from "../frame/useClock";
import type { PlannerName } from "../names";
import { typedOf } from "../../store/planner-typed";
import styles from "./Left.module.css";
import { LeftRow, type Left } from "./LeftRow";
import { useFuelLeft, useGasLeft, useHoldingLeft, usePowerLeft, useWaterLeft } from "./use-left";

/** What is left aboard and till when, and the planners one tap away. */
export function LeftAboard({ of, go }: { of: OfBoat; go: (at: PlannerName) => void }) {
  const t = useTranslations("left");
  const fuel = useFuelLeft(of);
  const water = useWaterLeft(of);
  const power = usePowerLeft(of);
  const gas = useGasLeft(of);
  const holding = useHoldingLeft(of);
  const back = useBackLeft(of);
  return (
    <section aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <ul className={styles.list}>
        {fuel && <LeftRow left={fuel} onOpen={() => go("fuel")} />}
        {water && <LeftRow left={water} onOpen={() => go("water")} />}
        {power && <LeftRow left={power} onOpen={() => go("power")} />}
        {holding.map((each) => (
          <LeftRow key={each.name} left={each} />
        ))}
        {gas && <LeftRow left={gas} />}
        {back && <LeftRow left={back} onOpen={() => go("back")} />}
      </ul>
      <p className={styles.told}>{t("moves")}</p>
      <div className={styles.ways}>
        <Button large onClick={() => go("anchor")}>
          {t("anchor")}
        </Button>
        <Button large onClick={() => go("reef")}>
          {t("reef")}
        </Button>
        <Button large onClick={() => go("back")}>
          {t("back")}
        </Button>
        <Button large onClick={() => go("watch")}>
          {t("watch")}
        </Button>
        <Button large onClick={() => go("log")}>
          {t("log")}
        </Button>
      </div>
    </section>
  );
}

/** The way back as a line: by when she has to leave; null where the area is not told. */
function useBackLeft(of: OfBoat): Left | null {
  const t = useTranslations("left");
  const clock = useClock(of.timeZone, of.now);
  const { where } = useWhereSheIs(of.stay);
  const { rows } = useWayBack(of, where, withTyped(backUsual, typedOf(of.stay, "back"), backFields));
  if (!of.area) return null;
  const [slow, fast] = [rows[0], rows.at(-1)];
  if (!slow || !fast)
    return { verdict: "fine", name: t("back"), figure: t("due", { at: clock(of.backAt) }), under: t("tell-where") };
  return {
    verdict: fast.isPast ? "stop" : slow.isPast || slow.inTheDark ? "watch" : "fine",
    name: t("back"),
    figure: t("leave-by", { at: clock(slow.leaveAt) }),
    under: t("or-at", { at: clock(fast.leaveAt), rpm: fast.rpm, due: clock(of.backAt) }),
  };
}
