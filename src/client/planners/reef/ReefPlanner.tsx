"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { cautions, type ReefInput } from "@/core/planners/reef";
import {
  reefAnswer,
  reefFields,
  reefHours,
  reefKnown,
  usualAngles,
  type ReefAnswer,
  type ReefField,
} from "@/core/underway/reef";
import { localizeFigures } from "@/core/yacht/figures";
import { Choice } from "@/ui/Choice";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { usePlanner } from "../frame/usePlanner";
import { ReefStrip } from "./ReefStrip";
import { ReefTable } from "./ReefTable";

type Answered = Extract<ReefAnswer, { answer: object }>;
const points = Object.keys(usualAngles) as (keyof typeof usualAngles)[];

/** When to reef: her own table, the wind that counts, and when each reef is due today. */
export function ReefPlanner({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("reefing");
  const [caution, setCaution] = useState<ReefInput["caution"]>("none");
  const corrected = usePlanner(of.stay, "reef", reefFields, () => reefKnown(of.file, of.outlook, of.now));
  const answered = reefAnswer(of.file, corrected.figures, caution);
  const angle = corrected.figures.trueAngleDeg?.value ?? usualAngles.close;
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={"answer" in answered && <Strip of={of} answered={answered} />}
    >
      {"answer" in answered ? (
        <Due of={of} answered={answered} />
      ) : (
        <NoAnswer>{"fault" in answered ? t("fault-no-table") : t("tell-wind")}</NoAnswer>
      )}
      <Choice
        label={t("sails")}
        options={points.map((value) => ({ value, word: t(`sails-${value}`) }))}
        value={points.find((each) => usualAngles[each] === angle) ?? null}
        onChoose={(value) => corrected.correct("trueAngleDeg", usualAngles[value])}
      />
      <FigureRows<ReefField>
        corrected={corrected}
        fields={reefFields}
        names={["trueKn", "gustKn", "trueAngleDeg", "speedKn"]}
        label={(name) => t(`field-${name}`)}
        begins={{ trueKn: 12, gustKn: 16 }}
        now={of.now}
      />
      <Choice
        label={t("caution")}
        options={cautions.map((value) => ({ value, word: t(`caution-${value}`) }))}
        value={caution}
        onChoose={setCaution}
      />
      {"answer" in answered && <ReefTable of={of} answered={answered} />}
    </PlannerFrame>
  );
}

/** What is due now, how far the next one is, and which wind that goes by. */
function Due({ of: { file }, answered }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("reefing");
  const shown = useShown()("kn");
  const { answer, input, isBasisTold } = answered;
  const kn = (value: number) => shown.words(value, 0);
  const set = answer.set === null ? undefined : file.reefs[answer.set];
  const isBefore = input.trueAngleDeg > 100;
  return (
    <>
      <Answer over={t("wind-that-counts")} figure={kn(answer.judgedKn)}>
        <span>{set ? localizeFigures(file, set.set) : t("full-sail")}</span>
      </Answer>
      {answer.marginKn !== null && answer.nextAtKn !== null && (
        <Reason
          verdict={answer.marginKn < 3 ? "watch" : "fine"}
          words={t("next-at", { at: kn(answer.nextAtKn), more: kn(answer.marginKn) })}
        />
      )}
      {answer.marginKn === null && <Reason verdict="watch" words={t("no-more-reefs")} />}
      <p>
        {t("felt", { kn: kn(answer.apparentKn), deg: Math.round(answer.apparentAngleDeg) })}{" "}
        {t(isBasisTold ? `basis-${input.basis}` : "basis-stronger")}
      </p>
      {isBefore && (
        <Reason verdict="watch" words={t("blows-less")} more={t("blows-less-more", { kn: kn(input.trueKn) })} />
      )}
    </>
  );
}

function Strip({ of, answered }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("reefing");
  const clock = useClock(of.timeZone, of.now);
  const hours = reefHours(of.outlook, answered.input, of.now, 24);
  if (hours.length < 2) return null;
  return (
    <ReefStrip
      hours={hours}
      reefs={answered.input.table.map(({ id, fromKn }) => ({
        id,
        fromKn,
        word: t("reef-short", { order: of.file.reefs[id]?.order ?? 0 }),
      }))}
      isTrue={answered.input.basis === "true"}
      clock={clock}
      title={t("strip")}
    />
  );
}
