"use client";
import { useTranslations } from "next-intl";
import { writtenSpan } from "@/core/basics/span";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import { statesOf } from "@/core/yacht/states";
import type { YachtFile } from "@/core/yacht/schema";
import { fittingRoles, type FittingRole } from "@/core/yacht/fitting-roles";
import { FittingPhotos } from "./FittingPhotos";
import { FittingStates } from "./FittingStates";
import { OutOfUseNote } from "./OutOfUseNote";
import { Oddities } from "../parts/Oddities";
import styles from "./Finder.module.css";

/** A fitting: where it is, what it looks like, how it reads, how it is worked, and what to beware of; `bare` where its name stands above already. */
export function FittingDetail({ file, id, bare = false }: { file: YachtFile; id: string; bare?: boolean }) {
  const t = useTranslations();
  const fitting = file.fittings[id];
  if (!fitting) return null;
  const drawn = statesOf(fitting);
  const { place, where, how, caution, normally, ratingA, mayReset, waitMinutes, notThis, handle } = fitting;
  const placeName = (key: string) => localize(file.places[key]?.name ?? { en: key });
  const name = localizeFigures(file, fitting.name);
  const facts = [
    // the drawings say it where there are any
    normally && !drawn?.states.some(({ isUsual }) => isUsual) && t(`finder.normally-${normally}`),
    ratingA !== undefined && t("finder.rating", { amps: ratingA }),
    mayReset && t(`finder.${mayReset}`),
    waitMinutes !== undefined && t("finder.wait-trip", { minutes: waitMinutes }),
    fitting.runSeconds !== undefined && t("finder.runs", { seconds: writtenSpan(fitting.runSeconds) }),
    fitting.restSeconds !== undefined && t("finder.rests", { seconds: writtenSpan(fitting.restSeconds) }),
    ...fittingRoles(file, id).map((each) => roleWords(t, file, each)),
  ].filter((fact) => typeof fact === "string");
  return (
    <article className={styles.detail} aria-label={name}>
      {!bare && <h2>{name}</h2>}
      <p className={styles.where}>
        {placeName(place)}, {localizeFigures(file, where)}
      </p>
      {fitting.outOfUse && <OutOfUseNote file={file} outOfUse={fitting.outOfUse} />}
      <Oddities file={file} keys={Object.keys(file.oddities).filter((key) => file.oddities[key]?.fitting === id)} />
      {caution && <p className={styles.caution}>{localizeFigures(file, caution)}</p>}
      <FittingStates fitting={fitting} />
      {facts.length > 0 && (
        <ul className={styles.facts}>
          {facts.map((fact) => (
            <li key={fact}>{fact}</li>
          ))}
        </ul>
      )}
      {how && <p>{localizeFigures(file, how)}</p>}
      {handle && (
        <p>{t("finder.handle", { where: `${placeName(handle.place)}, ${localizeFigures(file, handle.where)}` })}</p>
      )}
      {notThis && (
        <p className={styles.never}>
          {t("finder.not-this", {
            names: notThis.map((key) => localize(file.fittings[key]?.name ?? { en: key })).join(", "),
          })}
        </p>
      )}
      <FittingPhotos fitting={fitting} name={name} />
    </article>
  );
}

/** What a fitting is to a head, a bank, the anchor or a tank, in words. */
function roleWords(t: ReturnType<typeof useTranslations<never>>, file: YachtFile, role: FittingRole): string {
  const of = localizeFigures(file, role.of);
  switch (role.role) {
    case "y-valve":
      return t("finder.y-valve", {
        of,
        tank: localizeFigures(file, role.toTank),
        sea: localizeFigures(file, role.toSea),
      });
    case "gauge-switch":
      return t("finder.gauge-switch", { of, stands: localizeFigures(file, role.stands) });
    default:
      return t(`finder.is-${role.role}`, { of });
  }
}
