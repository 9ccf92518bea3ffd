"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { handledFrom } from "@/core/handling/from-file";
import { scenes } from "@/core/handling/scenes";
import type { YachtFile } from "@/core/yacht/schema";
import { Choice } from "@/ui/Choice";
import drills from "../drills/Drills.module.css";
import { WithDrillWords } from "../drills/DrillWords";
import { HandlePanel } from "./HandlePanel";

/** Winds that are tried, kn. */
const winds = ["0", "8", "15", "22"] as const;

/** Leaving and coming back, tried beforehand with her own figures. */
export const HandlePage = ({ file }: { file: YachtFile }) => (
  <WithDrillWords>
    <Tried file={file} />
  </WithDrillWords>
);

function Tried({ file }: { file: YachtFile }) {
  const t = useTranslations();
  const [name, setName] = useState(scenes[0]?.name ?? "");
  const [wind, setWind] = useState<(typeof winds)[number]>("15");
  const handled = handledFrom(file);
  const scene = scenes.find((each) => each.name === name);
  if (!handled || !scene) return <p>{t("handle.none")}</p>;
  return (
    <div className={drills.page}>
      <h1>{t("handle.title")}</h1>
      <p>{t("handle.words")}</p>
      <Choice
        label={t("handle.scene")}
        options={scenes.map(({ name: value }) => ({ value, word: t(`handle-scene.${value as "wind-off"}`) }))}
        value={name}
        onChoose={setName}
      />
      <Choice
        label={t("handle.wind")}
        options={winds.map((value) => ({ value, word: t("handle.knots", { knots: Number(value) }) }))}
        value={wind}
        onChoose={setWind}
      />
      <HandlePanel key={`${name} ${wind}`} boat={handled.boat} scene={scene} windKn={Number(wind)} />
      <p className={drills.simulated}>{t("handle.simulated")}</p>
    </div>
  );
}
