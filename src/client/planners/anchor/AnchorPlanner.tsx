"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { addHours } from "@/core/basics/instant";
import { laid } from "@/core/planners/anchor/anchor";
import { schools, type AnchorInput } from "@/core/planners/anchor/schema";
import {
  anchorAnswer,
  anchorFields,
  anchorKnown,
  depthAddedM,
  type AnchorAnswer,
  type AnchorField,
} from "@/core/underway/anchor";
import { sideView } from "@/core/underway/side-view";
import { mainTackle } from "@/core/yacht/main-tackle";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { NoAnswer } from "../frame/Answer";
import { FigureRow, Slider } from "../frame/FigureRow";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { usePlanner, type Corrected } from "../frame/usePlanner";
import { AnchorReasons } from "./AnchorReasons";
import { LetOut } from "./LetOut";
import { SideDrawing } from "./SideDrawing";

type Answered = Extract<AnchorAnswer, { answer: object }>;

const asked = ["waterM", "stayH", "riseM", "fallM", "windKn", "gustKn", "roomM"] as const satisfies AnchorField[];
const hers = [
  "currentKn",
  "bowM",
  "chainKgPerM",
  "ropeKgPerM",
  "dragAreaAirM2",
  "dragAreaWaterM2",
] as const satisfies AnchorField[];

/** How much chain: where the sliders begin while nobody knows a figure. */
const begins: Partial<Record<AnchorField, number>> = {
  waterM: 5,
  riseM: 1,
  fallM: 1,
  windKn: 15,
  gustKn: 20,
  roomM: 50,
};

/** How much chain to let out here, in her own marks, how she lies to it, and what would change that. */
export function AnchorPlanner({ of, onBack, onWatch }: { of: OfBoat; onBack: () => void; onWatch: () => void }) {
  const t = useTranslations("anchoring");
  const [school, setSchool] = useState<AnchorInput["school"]>("larger");
  const [ownM, setOwnM] = useState<number | null>(null);
  const corrected = usePlanner(of.stay, "anchor", anchorFields, (typed) =>
    anchorKnown(of.file, of.outlook, of.now, of.timeZone, typed.stayH?.value ?? null),
  );
  const answered = anchorAnswer(of.file, corrected.figures, school);
  const tackle = mainTackle(of.file);
  const whole = "answer" in answered ? answered : null;
  const chosen = whole && ownM !== null ? chosenLength(whole, ownM) : whole;
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={chosen && tackle && <Picture of={of} answered={chosen} marks={tackle.marks} />}
    >
      {chosen && tackle ? (
        <>
          <LetOut answer={chosen.answer} tackle={tackle} isOwn={ownM !== null} />
          <AnchorReasons answered={chosen} of={of} relief={tackle.relief} reliefAt={tackle.reliefAt} />
        </>
      ) : (
        <NoAnswer>
          {"fault" in answered ? t(`fault-${answered.fault}`) : t("tell-first", { what: missingWords(t, answered) })}
        </NoAnswer>
      )}
      <Rows of={of} corrected={corrected} names={asked} />
      {whole && <WhatIf answered={whole} ownM={ownM} onChange={setOwnM} />}
      <Choice
        label={t("school")}
        options={schools.map((value) => ({ value, word: t(`school-${value}`) }))}
        value={school}
        onChoose={setSchool}
      />
      <p>{t(`school-${school}-words`)}</p>
      <details className={styles.more}>
        <summary>{t("hers")}</summary>
        <Rows of={of} corrected={corrected} names={hers} />
      </details>
      <Button look="main" large onClick={onWatch}>
        {t("watch")}
      </Button>
    </PlannerFrame>
  );
}

/** The answer for a length that somebody chose: held between the roller's height and what is aboard. */
function chosenLength({ input, underKeelM, answer }: Answered, ownM: number): Answered {
  const { chainM, ropeM } = input.rode;
  const held = Math.min(chainM + ropeM, Math.max(Math.ceil(input.waterM + input.riseM + input.bowM), ownM));
  return { input, underKeelM, answer: laid(input, held, answer.enough || held >= chainM + ropeM) };
}

function missingWords(t: ReturnType<typeof useTranslations<"anchoring">>, answered: AnchorAnswer): string {
  return "missing" in answered ? answered.missing.map((name) => t(`field-${name}`)).join(", ") : "";
}

function Picture({
  of,
  answered,
  marks,
}: {
  of: OfBoat;
  answered: Answered;
  marks: NonNullable<ReturnType<typeof mainTackle>>["marks"];
}) {
  const t = useTranslations("anchoring");
  const shown = useShown()("m");
  const view = sideView(
    answered.input,
    answered.answer,
    marks.map(({ atM }) => atM),
  );
  const metres = (value: number) => shown.words(value, 1);
  return (
    <SideDrawing
      view={view}
      marks={marks}
      lengthM={of.file.particulars.lengthM}
      words={{
        title: t("picture", { out: metres(answered.answer.letOutM), ground: metres(answered.answer.wind.onGroundM) }),
        high: t("high", { depth: metres(view.waterM.high) }),
        now: t("now", { depth: metres(view.waterM.now) }),
        low: t("low", { depth: metres(view.waterM.low) }),
      }}
    />
  );
}

function Rows({
  of,
  corrected,
  names,
}: {
  of: OfBoat;
  corrected: Corrected<AnchorField>;
  names: readonly AnchorField[];
}) {
  const t = useTranslations("anchoring");
  const clock = useClock(of.timeZone, of.now);
  const { figures, typed, correct, takeBack } = corrected;
  const added = depthAddedM(of.file.particulars);
  const leaves = addHours(of.now, figures.stayH?.value ?? 0);
  const hints: Partial<Record<AnchorField, string>> = {
    waterM: t(`depth-${of.file.particulars.depth?.from ?? "unknown"}`, { added: added ?? 0 }),
    roomM: t("room-hint"),
  };
  return (
    <ul className={styles.rows}>
      {names.map((name) => (
        <FigureRow
          key={name}
          label={t(name === "waterM" && added !== null ? "field-shownM" : `field-${name}`)}
          field={anchorFields[name]}
          figure={figures[name]}
          now={of.now}
          begins={begins[name] ?? anchorFields[name].least}
          addedM={name === "waterM" ? (added ?? 0) : 0}
          hint={hints[name] ?? ""}
          words={name === "stayH" ? t("leaves", { at: clock(leaves) }) : undefined}
          onChange={(value) => correct(name, value)}
          onTakeBack={typed[name] ? () => takeBack(name) : null}
        />
      ))}
    </ul>
  );
}

/** What another length would do: dragged, the picture and the reasons follow. */
function WhatIf({
  answered,
  ownM,
  onChange,
}: {
  answered: Answered;
  ownM: number | null;
  onChange: (ownM: number | null) => void;
}) {
  const t = useTranslations("anchoring");
  const { input, answer } = answered;
  const least = Math.ceil(input.waterM + input.riseM + input.bowM);
  const most = input.rode.chainM + input.rode.ropeM;
  if (most <= least) return null;
  return (
    <div className={styles.correct}>
      <strong>{t("what-if")}</strong>
      <Slider
        label={t("what-if")}
        field={{ unit: "m", least, most, step: 1 }}
        value={ownM ?? answer.letOutM}
        onChange={onChange}
      />
      {ownM !== null && (
        <Button look="quiet" onClick={() => onChange(null)}>
          {t("as-reckoned")}
        </Button>
      )}
    </div>
  );
}
