"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useId } from "react";
import { pointOf } from "@/core/area/around";
import {
  approachOf,
  backFields,
  backUsual,
  keelRoomM,
  sunOf,
  underKeelAt,
  type LeaveBy,
} from "@/core/underway/way-back";
import { Button } from "@/ui/Button";
import { Answer, NoAnswer, Reason } from "../frame/Answer";
import { FigureRows } from "../frame/FigureRows";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "../frame/Planner.module.css";
import { useSourceWords } from "../frame/SourceWords";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import { usePlanner } from "../frame/usePlanner";
import type { Found } from "./useRoute";
import { useWayBack } from "./useWayBack";
import { useWhereSheIs, type WhereSheIs } from "./where-she-is";
import { WayMap } from "./WayMap";

/** By when she has to leave to be back in time, at each of her speeds, round land and hazards. */
export function WayBackPlanner({ of, onBack }: { of: OfBoat; onBack: () => void }) {
  const t = useTranslations("back-plan");
  const clock = useClock(of.timeZone, of.now);
  const place = useWhereSheIs(of.stay);
  const corrected = usePlanner(of.stay, "back", backFields, () => backUsual);
  const { found, rows } = useWayBack(of, place.where, corrected.figures);
  if (!of.area)
    return (
      <PlannerFrame title={t("title")} onBack={onBack}>
        <NoAnswer>{t("no-area")}</NoAnswer>
      </PlannerFrame>
    );
  const latest = rows.at(-1);
  return (
    <PlannerFrame
      title={t("title")}
      onBack={onBack}
      picture={<WayMap area={of.area} where={place.where} found={found} />}
    >
      {latest && found.state === "found" && found.route.distanceNm !== null ? (
        <>
          {latest.isPast && <Reason verdict="stop" words={t("too-late")} more={t("too-late-more")} />}
          <Times rows={rows} nm={found.route.distanceNm} clock={clock} />
          <Warnings of={of} rows={rows} where={place.where} clock={clock} />
        </>
      ) : (
        <NoAnswer>{t(whyNot(found))}</NoAnswer>
      )}
      <FromWhere of={of} place={place} />
      <FigureRows
        corrected={corrected}
        fields={backFields}
        names={["fuelMin", "spareMin", "currentKn", "clearanceNm"]}
        label={(name) => t(`field-${name}`)}
        hint={(name) => (name === "fuelMin" ? t("fuel-hint") : undefined)}
        now={of.now}
      />
      {found.state === "found" && <Legs found={found} />}
    </PlannerFrame>
  );
}

function whyNot(found: Found) {
  if (found.state === "none") return "tell-where";
  if (found.state === "looking") return "looking";
  if (found.state === "fault") return found.where === "/from" ? "fault-from" : "fault-way";
  return found.route.distanceNm === null ? "fault-none" : "no-burn";
}

function Times({ rows, nm, clock }: { rows: readonly LeaveBy[]; nm: number; clock: (at: string) => string }) {
  const t = useTranslations("back-plan");
  const format = useFormatter();
  const shown = useShown();
  const [slow, fast] = [rows[0], rows.at(-1)];
  if (!slow || !fast) return null;
  return (
    <>
      <Answer over={t("leave-by")} figure={clock(slow.leaveAt)}>
        <span>{t("at-revs", { rpm: format.number(slow.rpm), nm: shown("nm").words(nm, 1) })}</span>
        {fast !== slow && <span>{t("or-by", { at: clock(fast.leaveAt), rpm: format.number(fast.rpm) })}</span>}
      </Answer>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{t("revs")}</th>
            <th scope="col">{t("takes")}</th>
            <th scope="col">{t("burns")}</th>
            <th scope="col">{t("leave")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ rpm, hours, litres, leaveAt, isPast }) => (
            <tr key={rpm} className={isPast ? styles.gone : undefined}>
              <td>{format.number(rpm)}</td>
              <td>{shown("h").words(hours, 1)}</td>
              <td>{shown("l").words(litres)}</td>
              <td>{clock(leaveAt)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Warnings({
  of,
  rows,
  where,
  clock,
}: {
  of: OfBoat;
  rows: readonly LeaveBy[];
  where: WhereSheIs | null;
  clock: (at: string) => string;
}) {
  const t = useTranslations("back-plan");
  const shown = useShown()("m");
  const area = of.area;
  const fast = rows.at(-1);
  if (!area || !fast || !where) return null;
  const approach = approachOf(area);
  const keelM = underKeelAt(approach.depthM, of.file.particulars.draughtM, of.outlook, of.backAt);
  const sun = sunOf(fast.leaveAt, [where.lon, where.lat]);
  return (
    <>
      {rows.some(({ isFuelEnough }) => isFuelEnough === false) && (
        <Reason
          verdict={rows.every(({ isFuelEnough }) => isFuelEnough === false) ? "stop" : "watch"}
          words={t("fuel-short")}
        />
      )}
      {rows.some(({ inTheDark }) => inTheDark) && (
        <Reason
          verdict="watch"
          words={t("dark")}
          more={sun ? t("sun", { rise: clock(sun.rise), set: clock(sun.set) }) : undefined}
        />
      )}
      {keelM !== null && keelM < keelRoomM && (
        <Reason verdict="watch" words={t("shallow", { keel: shown.words(keelM, 1), at: clock(of.backAt) })} />
      )}
      <p>
        {t("due", { at: clock(of.backAt) })}{" "}
        {rows.every(({ isFuelEnough }) => isFuelEnough === null) && t("fuel-unknown")}
      </p>
    </>
  );
}

/** From where: this device's position, or a place of the area. */
function FromWhere({ of, place }: { of: OfBoat; place: ReturnType<typeof useWhereSheIs> }) {
  const t = useTranslations("back-plan");
  const id = useId();
  const source = useSourceWords(of.now);
  const places = (of.area?.features ?? []).filter(({ properties: { kind } }) =>
    ["anchorage", "mooring", "harbour"].includes(kind),
  );
  return (
    <div className={styles.correct}>
      <label htmlFor={id}>
        <strong>{t("from")}</strong>
      </label>
      <select
        id={id}
        className={styles.select}
        value=""
        onChange={({ target }) => {
          const feature = places[Number(target.value)];
          const [lon, lat] = feature ? pointOf(feature) : [];
          if (lon !== undefined && lat !== undefined) place.tell(lon, lat);
        }}
      >
        <option value="">{t("choose-place")}</option>
        {places.map(({ properties: { name } }, index) => (
          <option key={name} value={index}>
            {name}
          </option>
        ))}
      </select>
      <Button onClick={place.locate}>{t("from-here")}</Button>
      {place.fault && <p role="alert">{t("no-position")}</p>}
      {place.where && <p>{source({ from: "hand", at: place.where.at })}</p>}
    </div>
  );
}

function Legs({ found }: { found: Extract<Found, { state: "found" }> }) {
  const t = useTranslations("back-plan");
  return (
    <details className={styles.more}>
      <summary>{t("legs", { legs: found.route.legs.length })}</summary>
      <ol className={styles.steps}>
        {found.route.legs.map(({ to, bearingDeg, nm }) => (
          <li key={to.join()}>{t("leg", { bearing: String(Math.round(bearingDeg) % 360).padStart(3, "0"), nm })}</li>
        ))}
      </ol>
      <p>{t("no-chart")}</p>
    </details>
  );
}
