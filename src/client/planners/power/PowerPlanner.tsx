"use client";
import { useFormatter, useTranslations } from "next-intl";
import { lazy, Suspense, useState } from "react";
import { addHours } from "@/core/basics/instant";
import { localize } from "@/core/basics/words";
import { loadsOf, powerAnswer, powerFields, powerKnown, type Load, type PowerAnswer } from "@/core/underway/power";
import { useLanguage } from "../../language/language";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { Slider } from "../frame/FigureRow";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { usePlanner } from "../frame/usePlanner";

const BankChart = lazy(() => import("./BankChart").then((part) => ({ default: part.BankChart })));
type Answered = Extract<PowerAnswer, { answer: object }>;

/** How far one looks, hours: a night and the day after. */
const hours = 36;
const wantAt = { least: 1, most: hours, step: 1, unit: "h" } as const;
const runFor = { least: 0, most: 6, step: 0.25, unit: "h" } as const;

/** How long the bank lasts, what to switch off, and how long the engine would have to run. */
export function PowerPlanner({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("power-plan");
  const [off, setOff] = useState<readonly string[]>([]);
  const [wantByH, setWantByH] = useState(12);
  const [runH, setRunH] = useState(0);
  const corrected = usePlanner(of.stay, "power", powerFields, () => powerKnown(of.file, of.readings, of.now));
  const plan = { off, hours, wantByH, engine: [] };
  const first = powerAnswer(of.file, corrected.figures, plan, of.now, of.timeZone);
  const engine = "answer" in first && runH > 0 ? [{ fromH: 0, toH: runH, rpm: first.rpm }] : [];
  const answered = powerAnswer(of.file, corrected.figures, { ...plan, engine }, of.now, of.timeZone);
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={
        "answer" in answered && (
          <Suspense fallback={null}>
            <Chart of={of} answered={answered} />
          </Suspense>
        )
      }
    >
      {"answer" in answered ? (
        <Lasts of={of} answered={answered} wantByH={wantByH} />
      ) : (
        <NoAnswer>{"fault" in answered ? t(`fault-${answered.fault}`) : t("tell-percent")}</NoAnswer>
      )}
      <FigureRows
        corrected={corrected}
        fields={powerFields}
        names={["percent", "floorPercent", "solarA", "wantPercent"]}
        label={(name) => t(`field-${name}`)}
        begins={{ percent: 80 }}
        now={of.now}
      />
      {"answer" in answered && (
        <div className={styles.correct}>
          <strong>{t("run-now")}</strong>
          <Slider label={t("run-now")} field={runFor} value={runH} onChange={setRunH} />
          <strong>{t("want-by")}</strong>
          <Slider label={t("want-by")} field={wantAt} value={wantByH} onChange={setWantByH} />
        </div>
      )}
      <Loads loads={loadsOf(of.file)} off={off} onChange={setOff} />
    </PlannerFrame>
  );
}

function Chart({ of, answered: { answer, input } }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("power-plan");
  const clock = useClock(of.timeZone, of.now);
  return (
    <BankChart
      labels={answer.percent.map((_, step) => clock(addHours(of.now, step / 4)))}
      percent={answer.percent}
      floor={input.bank.floorPercent}
      words={{ title: t("picture"), percent: t("percent"), floor: t("floor") }}
    />
  );
}

function Lasts({ of, answered, wantByH }: { of: OfBoat; answered: Answered; wantByH: number }) {
  const t = useTranslations("power-plan");
  const language = useLanguage();
  const format = useFormatter();
  const clock = useClock(of.timeZone, of.now);
  const shown = useShown();
  const { answer, input, loads, rpm, isAlternatorRule } = answered;
  const { floorAtH, engineHours, dropFirst } = answer;
  const drop = loads.find(({ id }) => id === dropFirst);
  return (
    <>
      <Answer
        over={t("lasts")}
        figure={floorAtH === null ? t("all-along") : t("till", { at: clock(addHours(of.now, floorAtH)) })}
      >
        <span>{t("to-floor", { floor: input.bank.floorPercent })}</span>
      </Answer>
      {floorAtH !== null && (
        <Reason
          verdict={floorAtH < 4 ? "stop" : "watch"}
          words={drop ? t("drop", { what: localize(drop.name, language) }) : t("drop-nothing")}
        />
      )}
      {input.want && (
        <p>
          {engineHours === null
            ? t("no-run", { percent: input.want.percent, at: clock(addHours(of.now, wantByH)) })
            : t("run", {
                none: engineHours === 0 ? "yes" : "no",
                time: engineHours < 1 ? shown("min").words(engineHours * 60) : shown("h").words(engineHours, 2),
                rpm: format.number(rpm),
                percent: input.want.percent,
                at: clock(addHours(of.now, wantByH)),
              })}
        </p>
      )}
      {isAlternatorRule && <p>{t("alternator-rule")}</p>}
      <p>{t("not-alongside")}</p>
    </>
  );
}

/** What takes of the bank, by her file: each can be taken as off, to see what that does. */
function Loads({
  loads,
  off,
  onChange,
}: {
  loads: readonly Load[];
  off: readonly string[];
  onChange: (off: string[]) => void;
}) {
  const t = useTranslations("power-plan");
  const language = useLanguage();
  const shown = useShown()("A");
  if (loads.length === 0) return null;
  return (
    <section>
      <h3>{t("takes")}</h3>
      <div className={styles.switches}>
        {loads.map(({ id, name, amps, fromHour, toHour, keep }) => (
          <label key={id}>
            <input
              type="checkbox"
              checked={!off.includes(id)}
              onChange={({ target }) => onChange(target.checked ? off.filter((each) => each !== id) : [...off, id])}
            />
            <span>
              {localize(name, language)}
              {keep && ` · ${t("keep")}`}
            </span>
            <span>
              {t("on", {
                amps: shown.words(amps, 1),
                hours: fromHour === toHour ? "all" : "some",
                from: String(fromHour).padStart(2, "0"),
                to: String(toHour).padStart(2, "0"),
              })}
            </span>
          </label>
        ))}
      </div>
    </section>
  );
}
