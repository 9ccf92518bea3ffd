"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { DefectView, TodayRow, TurnRound } from "@/api/schemas/desk";
import { DefectList } from "./DefectList";
import { OpenHandover } from "./OpenHandover";
import { ReadinessPart } from "./ReadinessPart";
import { DeskPart } from "./shared/DeskPart";
import { useMay } from "./shared/staff";

interface Props {
  row: TodayRow;
  defects: DefectView[];
  /** what the base does on her before she goes out, and what is taken off her */
  turnRound: TurnRound;
  timeZone: string;
  at: (instant: string) => string;
}

/** How ready the yacht is for a charter: what is short, the round before it, and what is known to be wrong. */
export function CharterPrep({ row: { stay, readiness }, defects, turnRound, timeZone, at }: Props) {
  const t = useTranslations();
  const mayWork = useMay("judge-work");
  const prep = stay.handovers.find((each) => each.kind === "prep");
  return (
    <DeskPart title={t("kind.prep").replace(/^./, (letter) => letter.toUpperCase())}>
      {readiness && <ReadinessPart readiness={readiness} slug={stay.yachtSlug} withWork={false} />}
      <p>
        {prep
          ? `${t("prep.begun", { at: at(prep.openedAt), entries: prep.entries })} ${prep.prepDone ? t("prep.was-done") : ""}`
          : t("prep.none")}
      </p>
      <p>
        {t("prep.turn-round", {
          tasks: turnRound.tasks,
          hours: Math.floor(turnRound.minutes / 60),
          minutes: String(turnRound.minutes % 60).padStart(2, "0"),
        })}{" "}
        {turnRound.takeOff.length > 0 &&
          t("prep.take-off", { things: turnRound.takeOff.map((name) => localize(name)).join(", ") })}
      </p>
      <div>
        <OpenHandover
          stayId={stay.stayId}
          kind="prep"
          label={t(!prep ? "prep.open" : prep.prepDone ? "prep.look" : "prep.go-on")}
          main={false}
        />
      </div>
      {defects.length > 0 && (
        <>
          <h3>{t("work.title")}</h3>
          <DefectList defects={defects} timeZone={timeZone} mayWork={mayWork} />
        </>
      )}
    </DeskPart>
  );
}
