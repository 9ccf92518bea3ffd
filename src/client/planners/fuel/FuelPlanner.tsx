"use client";
import { useFormatter, useTranslations } from "next-intl";
import { fuelAnswer, fuelFields, fuelKnown, type FuelAnswer } from "@/core/underway/fuel";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";
import { usePlanner } from "../frame/usePlanner";
import { TankDrawing } from "../frame/TankDrawing";

type Answered = Extract<FuelAnswer, { answer: object }>;

/** How far and how long the fuel lasts, at each of her revs. */
export function FuelPlanner({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("fuel-plan");
  const corrected = usePlanner(of.stay, "fuel", fuelFields, () => fuelKnown(of.file, of.readings));
  const answered = fuelAnswer(of.file, corrected.figures);
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={"answer" in answered && <Tank of={of} answered={answered} />}
    >
      {"answer" in answered ? (
        <Range answered={answered} />
      ) : (
        <NoAnswer>{"fault" in answered ? t(`fault-${answered.fault}`) : t("tell-litres")}</NoAnswer>
      )}
      <FigureRows
        corrected={corrected}
        fields={fuelFields}
        names={["litresL", "wantNm", "currentKn", "reservePercent"]}
        label={(name) => t(`field-${name}`)}
        hint={(name) => (name === "currentKn" ? t("current-hint") : undefined)}
        begins={{ litresL: 100, wantNm: 20 }}
        now={of.now}
      />
      {Object.keys(of.file.generators).length > 0 && <p>{t("generator")}</p>}
    </PlannerFrame>
  );
}

function Tank({ of: { file }, answered: { input, answer } }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("fuel-plan");
  const shown = useShown()("l");
  const capacityL = Object.values(file.tanks).reduce(
    (sum, tank) => (tank.holds === "fuel" ? sum + tank.capacityL : sum),
    0,
  );
  return (
    <TankDrawing
      capacity={capacityL}
      low={input.litres.low}
      high={input.litres.high}
      reserve={input.litres.low - answer.usableL}
      words={{
        title: t("picture", { low: shown.words(input.litres.low), high: shown.words(input.litres.high) }),
        level: shown.words(input.litres.low),
        reserve: t("reserve", { litres: shown.words(input.litres.low - answer.usableL) }),
      }}
    />
  );
}

function Range({ answered: { input, answer } }: { answered: Answered }) {
  const t = useTranslations("fuel-plan");
  const format = useFormatter();
  const shown = useShown();
  const best = answer.rows.find(({ rpm }) => rpm === answer.bestRpm);
  return (
    <>
      <Answer
        over={t("may-burn", { litres: shown("l").words(answer.usableL) })}
        figure={shown("nm").words(best?.rangeNm ?? 0)}
      >
        {best ? (
          <span>{t("at-best", { rpm: format.number(best.rpm), hours: shown("h").words(best.hours, 0) })}</span>
        ) : (
          <span>{t("no-way")}</span>
        )}
      </Answer>
      {input.wantNm !== null && (
        <Reason
          verdict={answer.enough === null ? "stop" : "fine"}
          words={
            answer.enough === null
              ? t("not-enough", { nm: shown("nm").words(input.wantNm) })
              : t("enough", { nm: shown("nm").words(input.wantNm), rpm: format.number(answer.enough) })
          }
        />
      )}
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{t("revs")}</th>
            <th scope="col">{t("speed")}</th>
            <th scope="col">{t("lasts")}</th>
            <th scope="col">{t("reaches")}</th>
          </tr>
        </thead>
        <tbody>
          {answer.rows.map(({ rpm, hours, rangeNm }) => (
            <tr key={rpm} data-best={rpm === answer.bestRpm || undefined}>
              <td>{format.number(rpm)}</td>
              <td>{shown("kn").words(input.burn.find((row) => row.rpm === rpm)?.speedKn ?? 0, 1)}</td>
              <td>{shown("h").words(hours, hours < 10 ? 1 : 0)}</td>
              <td>{shown("nm").words(rangeNm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
