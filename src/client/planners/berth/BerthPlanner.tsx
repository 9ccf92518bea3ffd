"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { HerBerth, WayTried } from "@/core/berthing/schema";
import type { ShownBerthing } from "@/core/berthing/shown";
import { berthFields, berthInput, berthKnown, type BerthField } from "@/core/underway/berth";
import { isDark } from "@/core/underway/way-back";
import type { Translator } from "@/messages/translator";
import { Choice } from "@/ui/Choice";
import { WithDrillWords } from "../../drills/DrillWords";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import { useShown } from "../frame/units";
import { usePlanner } from "../frame/usePlanner";
import { BerthPicture } from "./BerthPicture";
import { CrewOrders } from "./CrewOrders";
import { useBerthing } from "./useBerthing";
import { WaysTried } from "./WaysTried";

/** What the plan of leaving goes by. */
export type OfLeaving = Pick<OfBoat, "stay" | "file" | "persons" | "outlook" | "berth" | "windLimitKn" | "now"> & {
  /** of the base; null where nobody told */
  position: readonly number[] | null;
};

interface FrameProps {
  onBack: () => void;
  /** where the way back leads */
  back: string | undefined;
}

interface Props {
  of: OfLeaving;
  onBack: () => void;
  back?: string;
}

/** Leaving the berth: which way out stays clear in this wind, and who does what. */
export const BerthPlanner = ({ of, onBack, back }: Props) => (
  <WithDrillWords>
    {of.berth ? <Leaving of={of} berth={of.berth} {...{ onBack, back }} /> : <Untold onBack={onBack} back={back} />}
  </WithDrillWords>
);

function Untold({ onBack, back }: Pick<FrameProps, "onBack" | "back">) {
  const t = useTranslations("berthing");
  return (
    <PlannerFrame title={t("title")} {...{ onBack, back }}>
      <NoAnswer>{t("untold")}</NoAnswer>
    </PlannerFrame>
  );
}

function Leaving({ of, berth, onBack, back }: FrameProps & { of: OfLeaving; berth: HerBerth }) {
  const t = useTranslations() as unknown as Translator;
  const [free, setFree] = useState<ReadonlySet<string>>(() => new Set());
  const [chosen, setChosen] = useState<string | null>(null);
  const corrected = usePlanner(of.stay, "berth", berthFields, () => berthKnown(of.outlook, of.persons, of.now));
  const leaving = {
    ...{ berth, free, windLimitKn: of.windLimitKn },
    isDark: of.position !== null && isDark(of.now, [...of.position]),
  };
  const asked = berthInput(of.file, leaving, corrected.figures);
  const planned = useBerthing("input" in asked ? asked.input : null);
  const shown = planned.state === "there" ? planned.shown : null;
  const way = shown?.plan.ways.find((each) => each.way === (chosen ?? shown.plan.best)) ?? shown?.plan.ways[0];
  return (
    <PlannerFrame
      title={t("berthing.title")}
      {...{ onBack, back }}
      picture={shown && way && "input" in asked && <BerthPicture input={asked.input} shown={shown} way={way.way} />}
    >
      <p>{t(`berthing.lies-${berth.lie.lies}`)}</p>
      {"fault" in asked && <NoAnswer>{t("handle.none")}</NoAnswer>}
      {"missing" in asked && <NoAnswer>{t("berthing.tell-wind")}</NoAnswer>}
      {planned.state === "trying" && (
        <p role="status">{t("berthing.trying", { done: planned.done, of: planned.of })}</p>
      )}
      {planned.state === "fault" && <NoAnswer>{t("berthing.does-not-fit")}</NoAnswer>}
      {shown && <Advice shown={shown} limitKn={of.windLimitKn} t={t} />}
      <FigureRows<BerthField>
        corrected={corrected}
        fields={berthFields}
        names={["windFromDeg", "windKn", "crew"]}
        label={(name) => t(`berthing.field-${name}`)}
        begins={{ windFromDeg: 180, windKn: 10 }}
        now={of.now}
      />
      {berth.beside.map(({ berth: name }) => (
        <Choice
          key={name}
          label={t("berthing.beside", { berth: name })}
          options={(["there", "free"] as const).map((value) => ({
            value,
            word: t(`berthing.beside-${value}`, { berth: name }),
          }))}
          value={free.has(name) ? "free" : "there"}
          onChoose={(value) => setFree(withOrWithout(free, name, value === "free"))}
        />
      ))}
      {shown && <WaysTried plan={shown.plan} chosen={way?.way ?? null} onChoose={setChosen} />}
      {shown?.plan.advice === "go" && (
        <CrewOrders
          plan={shown.plan}
          crew={corrected.figures.crew?.value ?? 1}
          quaySide={shown.quaySide}
          yacht={of.file.particulars.name}
        />
      )}
      <Reason verdict="watch" words={t("berthing.no-hands")} more={t("berthing.no-hands-more")} />
      {"input" in asked && (
        <p>
          {t("berthing.rests", { rules: asked.byRule.length })}
          {asked.asked.length > 0 && ` ${t("berthing.walk-unknown")}`}
        </p>
      )}
    </PlannerFrame>
  );
}

function withOrWithout(set: ReadonlySet<string>, name: string, is: boolean): ReadonlySet<string> {
  const next = new Set(set);
  if (is) next.add(name);
  else next.delete(name);
  return next;
}

/** What the trials say; that one stayed clear is no permission. */
function Advice({ shown: { plan }, limitKn, t }: { shown: ShownBerthing; limitKn: number | null; t: Translator }) {
  const kn = useShown()("kn");
  const best = plan.ways.find(({ way }) => way === plan.best);
  return (
    <>
      {plan.stops.map((stop) => (
        <Reason
          key={stop}
          verdict="stop"
          words={t(`berthing.stop-${stop}`, { limit: limitKn === null ? "" : kn.words(limitKn, 0) })}
        />
      ))}
      {best && plan.advice === "go" ? (
        <Answer over={t("berthing.clearest")} figure={t(`berthing-way.${best.way as "straight"}`)}>
          <Clear best={best} t={t} />
        </Answer>
      ) : (
        <Answer
          over={t(plan.stops.length > 0 ? "berthing.kept-in" : "berthing.none-clear")}
          figure={t(plan.advice === "ask" ? "berthing.ask" : "berthing.wait")}
        >
          {plan.stops.length === 0 && (
            <span>{t(plan.advice === "ask" ? "berthing.ask-more" : "berthing.wait-more")}</span>
          )}
        </Answer>
      )}
    </>
  );
}

function Clear({ best, t }: { best: WayTried; t: Translator }) {
  const metres = useShown()("m");
  return (
    <>
      <span>{t("berthing.clear-of", { clear: best.clear, trials: best.trials })}</span>
      <span>
        {best.roomM
          ? t("berthing.least-room", { room: metres.words(best.roomM.least, 1) })
          : t("berthing.nothing-beside")}
      </span>
    </>
  );
}
