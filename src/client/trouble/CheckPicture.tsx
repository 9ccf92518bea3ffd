"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { Check } from "@/core/faults/fault";
import { hullShape } from "@/core/plan/hull";
import { centreOf, outlinePath } from "@/core/plan/outline";
import type { YachtFile } from "@/core/yacht/schema";
import { statesOf } from "@/core/yacht/states";
import { pixelsPerM } from "@/ui/plan/point-on-plan";
import { FittingPhotos } from "../finder/FittingPhotos";
import { FittingStates } from "../finder/FittingStates";
import styles from "./Trouble.module.css";

/** Where one looks, on her own outline, and how the fitting stands drawn beside it. */
export function CheckPicture({ file, check, where }: { file: YachtFile; check: Check; where: string }) {
  const t = useTranslations("lead");
  const fitting = file.fittings[check.fitting ?? ""];
  return (
    <div className={styles.picture}>
      <SmallPlan file={file} check={check} />
      <div>
        <strong>{where}</strong>
        {fitting?.how && <span>{localize(fitting.how)}</span>}
        {fitting && statesOf(fitting) && (
          <div className={styles.stands} role="group" aria-label={t("shown")}>
            <FittingStates fitting={fitting} />
          </div>
        )}
        {fitting && <FittingPhotos fitting={fitting} name={localize(fitting.name)} />}
      </div>
    </div>
  );
}

function SmallPlan({ file, check }: { file: YachtFile; check: Check }) {
  const { lengthM, beamM } = file.particulars;
  const place = file.places[check.place];
  const [aftM, starboardM] =
    file.fittings[check.fitting ?? ""]?.at ?? (place ? centreOf(place.outline) : [lengthM / 2, 0]);
  const edgeM = lengthM * 0.04;
  const box = [-beamM / 2 - edgeM, -edgeM, beamM + 2 * edgeM, lengthM + 2 * edgeM].map((each) => each * pixelsPerM);
  const stroke = lengthM * pixelsPerM * 0.014;
  return (
    <svg className={styles.plan} viewBox={box.join(" ")} aria-hidden="true" strokeWidth={stroke}>
      {hullShape(file.particulars, 20).map((outline) => (
        <path key={outline.join()} d={outlinePath(outline, pixelsPerM)} fill="var(--paper)" stroke="var(--kelp)" />
      ))}
      {place && <path d={outlinePath(place.outline, pixelsPerM)} fill="var(--brass-ground)" stroke="var(--brass)" />}
      <circle cx={starboardM * pixelsPerM} cy={aftM * pixelsPerM} r={stroke * 2} fill="var(--brass)" />
    </svg>
  );
}
