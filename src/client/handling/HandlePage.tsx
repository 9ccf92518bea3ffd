"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { berthBackScene, berthScene } from "@/core/berthing/scene";
import { handledFrom } from "@/core/handling/from-file";
import { scenes, type Scene } from "@/core/handling/scenes";
import { fitsIn } from "@/core/berthing/lie";
import { berthKnown } from "@/core/underway/berth";
import type { OfBoat } from "../planners/frame/of-boat";
import type { YachtFile } from "@/core/yacht/schema";
import { Choice } from "@/ui/Choice";
import drills from "../drills/Drills.module.css";
import { WithDrillWords } from "../drills/DrillWords";
import { HandlePanel } from "./HandlePanel";

/** Winds that are tried, kn. */
const winds = ["0", "8", "15", "22"] as const;

interface Props {
  file: YachtFile;
  /** how she lies at the base, and what blows there; nothing where nobody told */
  of?: Pick<OfBoat, "berth" | "outlook" | "persons" | "now">;
}

/** Leaving and coming back, tried beforehand with her own figures. */
export const HandlePage = (props: Props) => (
  <WithDrillWords>
    <Tried {...props} />
  </WithDrillWords>
);

function Tried({ file, of }: Props) {
  const t = useTranslations();
  const [all] = useState(() => [...ownScene(file, of), ...scenes]);
  const [name, setName] = useState(all[0]?.name ?? "");
  const [wind, setWind] = useState<(typeof winds)[number]>("15");
  const handled = handledFrom(file);
  const scene = all.find((each) => each.name === name);
  if (!handled || !scene) return <p>{t("handle.none")}</p>;
  return (
    <div className={drills.page}>
      <h1>{t("handle.title")}</h1>
      <p>{t("handle.words")}</p>
      <Choice
        label={t("handle.scene")}
        options={all.map(({ name: value }) => ({ value, word: t(`handle-scene.${value as "wind-off"}`) }))}
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

/** Her own berth in the wind of now, where the base tells it and she fits in. Where nobody knows the wind it blows on to the quay, which is the harder. */
function ownScene(file: YachtFile, of: Props["of"]): Scene[] {
  const boat = handledFrom(file)?.boat;
  if (!boat || !of?.berth || !fitsIn(boat, of.berth)) return [];
  const wind = berthKnown(of.outlook, of.persons, of.now).windFromDeg;
  const fromDeg = wind?.value ?? of.berth.lie.outDeg;
  return [berthScene(of.berth, fromDeg), berthBackScene(of.berth, fromDeg)];
}
