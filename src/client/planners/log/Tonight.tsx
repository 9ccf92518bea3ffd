"use client";
import { useTranslations } from "next-intl";
import { useId, useState } from "react";
import { pointOf } from "@/core/area/around";
import { addDays, dayIn, instantIn } from "@/core/basics/instant";
import { lastTonight, mostAheadHours } from "@/core/underway/log/overdue";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import type { BookStore, KeptLog } from "../../store/book-store";
import { Reason } from "../frame/Answer";
import type { OfBoat } from "../frame/of-boat";
import { useClock } from "../frame/useClock";
import styles from "./Log.module.css";

/** Until when somebody says something again, where nobody chooses: six in the evening of the next day. */
const usualHour = "18:00";

/** Where they lie tonight: one tap, and the base knows whom to miss. */
export function Tonight({ of, store, log }: { of: OfBoat; store: BookStore; log: readonly KeptLog[] }) {
  const t = useTranslations("tonight");
  const clock = useClock(of.timeZone, of.now);
  const [isOpen, setOpen] = useState(false);
  const said = lastTonight(log.map(({ entry }) => entry));
  const isSent = log.some(({ id, state }) => id === said?.id && state === "there");
  const isPast = said !== null && Date.parse(said.until) < Date.parse(of.now);
  return (
    <section className={styles.tonight} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      {said ? (
        <Reason
          verdict={isPast ? "stop" : isSent ? "fine" : "watch"}
          words={t("said", { where: said.where, until: clock(said.until) })}
          more={t(isPast ? "past" : isSent ? "base-has-it" : "waits")}
        />
      ) : (
        <p>{t("why")}</p>
      )}
      {isOpen ? (
        <TonightForm of={of} store={store} onDone={() => setOpen(false)} />
      ) : (
        <Button onClick={() => setOpen(true)}>{t(said ? "say-again" : "say")}</Button>
      )}
      <p className={styles.quiet}>{t("never-alone")}</p>
    </section>
  );
}

function TonightForm({ of, store, onDone }: { of: OfBoat; store: BookStore; onDone: () => void }) {
  const t = useTranslations("tonight");
  const list = useId();
  const tomorrow = addDays(dayIn(of.now, of.timeZone), 1);
  const [where, setWhere] = useState("");
  const [day, setDay] = useState(tomorrow);
  const [hour, setHour] = useState(usualHour);
  const [isTried, setTried] = useState(false);
  const places = (of.area?.features ?? []).filter(({ properties: { kind } }) =>
    ["anchorage", "mooring", "harbour"].includes(kind),
  );
  const until =
    /^\d{4}-\d{2}-\d{2}$/.test(day) && /^\d{2}:\d{2}$/.test(hour) ? instantIn(day, hour, of.timeZone) : null;
  const aheadH = until === null ? 0 : (Date.parse(until) - Date.parse(of.now)) / 3_600_000;
  const isWrongTime = aheadH <= 0 || aheadH > mostAheadHours;
  const send = async () => {
    setTried(true);
    if (where.trim() === "" || until === null || isWrongTime) return;
    const [lon, lat] = pointOfName(places, where.trim());
    await store.write({
      kind: "tonight",
      where: where.trim().slice(0, 120),
      until,
      ...(lon === undefined || lat === undefined ? {} : { lon, lat }),
    });
    onDone();
  };
  return (
    <form
      className={styles.form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Field label={t("where")} error={isTried && where.trim() === "" ? t("where-missing") : null}>
        {(ids) => (
          <>
            <input
              {...ids}
              list={list}
              maxLength={120}
              autoComplete="off"
              value={where}
              onChange={({ target }) => setWhere(target.value)}
            />
            <datalist id={list}>
              {places.map(({ properties: { name } }) => (
                <option key={name} value={name} />
              ))}
            </datalist>
          </>
        )}
      </Field>
      <Field label={t("day")}>
        {(ids) => <input {...ids} type="date" value={day} onChange={({ target }) => setDay(target.value)} />}
      </Field>
      <Field
        label={t("until")}
        error={isTried && isWrongTime ? t(aheadH > 0 ? "until-far" : "until-past") : null}
        hint={t("until-hint")}
      >
        {(ids) => <input {...ids} type="time" value={hour} onChange={({ target }) => setHour(target.value)} />}
      </Field>
      <Button type="submit" look="main" large>
        {t("tell")}
      </Button>
      <Button onClick={onDone}>{t("not-now")}</Button>
    </form>
  );
}

const pointOfName = (places: NonNullable<OfBoat["area"]>["features"], name: string): number[] => {
  const place = places.find(({ properties }) => properties.name === name);
  return place ? pointOf(place) : [];
};
