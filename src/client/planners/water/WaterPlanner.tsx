"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { addHours } from "@/core/basics/instant";
import { tanksRead } from "@/core/underway/tanks";
import { changeTankInH, waterAnswer, waterFields, waterKnown, type WaterAnswer } from "@/core/underway/water";
import { Button } from "@/ui/Button";
import { useLanguage } from "../../language/language";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { TankDrawing } from "../frame/TankDrawing";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { usePlanner } from "../frame/usePlanner";
import { useOpenTank } from "./open-tank";

type Answered = Extract<WaterAnswer, { answer: object }>;

/** For how many days the water lasts, which tank is open, and when to change over. */
export function WaterPlanner({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("water-plan");
  const corrected = usePlanner(of.stay, "water", waterFields, () => waterKnown(of));
  const answered = waterAnswer(of.file, corrected.figures);
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={"answer" in answered && <Tanks of={of} answered={answered} />}
    >
      {"answer" in answered ? (
        <>
          <Lasts of={of} answered={answered} />
          <OpenTank of={of} answered={answered} />
        </>
      ) : (
        <NoAnswer>{"fault" in answered ? t("fault-no-tank") : t("tell-litres")}</NoAnswer>
      )}
      <FigureRows
        corrected={corrected}
        fields={waterFields}
        names={["litresL", "persons", "lowLpd", "highLpd", "days"]}
        label={(name) => t(`field-${name}`)}
        begins={{ litresL: 100 }}
        now={of.now}
      />
    </PlannerFrame>
  );
}

function Tanks({ of: { file }, answered: { input } }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("water-plan");
  const shown = useShown()("l");
  const capacity = tanksRead(file, "water", []).reduce((sum, { capacityL }) => sum + capacityL, 0);
  const { low, high } = input.tanks[0]?.litres ?? { low: 0, high: 0 };
  return (
    <TankDrawing
      capacity={capacity}
      low={low}
      high={high}
      reserve={0}
      words={{
        title: t("picture", { low: shown.words(low), high: shown.words(high) }),
        level: shown.words((low + high) / 2),
        reserve: "",
      }}
    />
  );
}

function Lasts({ of, answered: { input, answer } }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("water-plan");
  const clock = useClock(of.timeZone, of.now);
  const shown = useShown()("days");
  return (
    <>
      <Answer
        over={t("lasts")}
        figure={t("between", { low: shown.words(answer.days.low, 1), high: shown.words(answer.days.high, 1) })}
      >
        <span>{t("till", { at: clock(addHours(of.now, answer.days.low * 24)) })}</span>
      </Answer>
      <Reason
        verdict={answer.enough === "yes" ? "fine" : answer.enough === "perhaps" ? "watch" : "stop"}
        words={t(`enough-${answer.enough}`, { days: shown.words(input.days, 1) })}
      />
    </>
  );
}

/** Which tank the taps draw from, and until when at most use. */
function OpenTank({ of, answered }: { of: OfBoat; answered: Answered }) {
  const t = useTranslations("water-plan");
  const language = useLanguage();
  const clock = useClock(of.timeZone, of.now);
  const [open, setOpen] = useOpenTank(of.stay);
  const tanks = tanksRead(of.file, "water", of.readings);
  if (tanks.length < 2) return null;
  const all = tanks.reduce((sum, { read }) => sum + (read.at(-1)?.value ?? 0), 0);
  const now = answered.input.tanks[0]?.litres.low ?? 0;
  return (
    <section>
      <h3>{t("which-open")}</h3>
      <ul className={styles.steps}>
        {tanks.map(({ tanks: [key = ""], name, read }) => {
          const isOpen = open === key;
          // the open one was drawn from since it was read, the others were not
          const litres = Math.max(0, (read.at(-1)?.value ?? 0) - (isOpen ? Math.max(0, all - now) : 0));
          return (
            <li key={key} data-due={isOpen || undefined}>
              <strong>{localize(name, language)}</strong>
              {isOpen ? (
                <span>{t("change-by", { at: clock(addHours(of.now, changeTankInH(litres, answered.input))) })}</span>
              ) : (
                <span>
                  <Button onClick={() => setOpen(key)}>{t("this-is-open")}</Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
