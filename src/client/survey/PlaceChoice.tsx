"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { YachtFile } from "@/core/yacht/schema";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import own from "./Survey.module.css";

interface Props {
  file: YachtFile;
  places: readonly (readonly [key: string, place: YachtFile["places"][string]])[];
  place: string;
  /** things not seen yet, by place */
  left: Record<string, number>;
  onStand: (place: string) => void;
}

/** Where one stands: chosen by its name or on the plan, with what is left in each place. */
export function PlaceChoice({ file, places, place, left, onStand }: Props) {
  const t = useTranslations();
  // which level of the plan is looked at, where it is not the one that one stands on
  const [shownLevel, setShownLevel] = useState<"deck" | "below" | null>(null);
  const level = shownLevel ?? file.places[place]?.level ?? "deck";
  const stand = (next: string) => {
    setShownLevel(null);
    onStand(next);
  };
  const words = {
    port: t("plan.port"),
    starboard: t("plan.starboard"),
    title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }),
    place: (id: string) => `${file.places[id]?.name.en ?? id}: ${t("survey.left", { left: left[id] ?? 0 })}`,
  };
  return (
    <>
      <Field label={t("survey.place")}>
        {(ids) => (
          <select {...ids} value={place} onChange={(event) => stand(event.target.value)}>
            {places.map(([key, each]) => (
              <option key={key} value={key}>
                {each.name.en} ({left[key]})
              </option>
            ))}
          </select>
        )}
      </Field>
      <Choice
        label={t("survey.level")}
        value={level}
        options={(["deck", "below"] as const).map((value) => ({ value, word: t(`level.${value}`) }))}
        onChoose={setShownLevel}
      />
      <div className={own.plan}>
        <YachtPlan file={file} level={level} words={words} current={place} left={left} onPick={stand} />
      </div>
    </>
  );
}
