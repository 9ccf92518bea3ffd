"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { AppError } from "@/api/app-error";
import { tellCrew } from "@/api/book";
import type { BoatBook } from "@/api/schemas/book";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { call } from "../../api/call";
import { forgetCrew, keepCrew, keptCrew } from "../../store/crew-kept";
import styles from "../Book.module.css";
import {
  blankPerson,
  crewFaults,
  isBlank,
  memberOf,
  typedCrew,
  typedOf,
  type TypedCrew,
  type TypedPerson,
} from "./crew-typed";
import { CrewPerson } from "./CrewPerson";

/** Who comes, told by the skipper before the check-in: names, weights for the jackets, and the hour of arrival. */
export function CrewPart({ book }: { book: BoatBook }) {
  const t = useTranslations("own-crew");
  const [told, setTold] = useState({ crew: book.crew ?? [], arrives: book.arrives ?? null });
  const [isOpen, setOpen] = useState(false);
  const { id } = book.stay;
  const [isKept, setKept] = useState(() => typedCrew(keptCrew(id)) !== null);
  return (
    <section className={styles.part} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      {!isOpen && isKept && <p role="status">{t("kept")}</p>}
      <p>{t("told", { told: told.crew.length, aboard: book.stay.aboard, arrives: told.arrives ?? "none" })}</p>
      {isOpen ? (
        <CrewForm
          {...told}
          stayId={id}
          aboard={book.stay.aboard}
          onTold={(now) => {
            setTold(now);
            setKept(false);
            setOpen(false);
          }}
          onClose={() => {
            setKept(typedCrew(keptCrew(id)) !== null);
            setOpen(false);
          }}
        />
      ) : (
        <Button onClick={() => setOpen(true)}>{t(told.crew.length === 0 ? "open" : "open-again")}</Button>
      )}
    </section>
  );
}

type Told = { crew: NonNullable<BoatBook["crew"]>; arrives: string | null };

function CrewForm({
  crew,
  arrives,
  stayId,
  aboard,
  onTold,
  onClose,
}: Told & { stayId: string; aboard: number; onTold: (told: Told) => void; onClose: () => void }) {
  const t = useTranslations("own-crew");
  const common = useTranslations("common");
  const [first] = useState(
    () =>
      typedCrew(keptCrew(stayId)) ?? {
        people: Array.from({ length: Math.max(aboard, crew.length) }, (_, at) =>
          crew[at] ? typedOf(crew[at]) : blankPerson,
        ),
        hour: arrives ?? "",
      },
  );
  const [people, setPeople] = useState<TypedPerson[]>(first.people);
  const [hour, setHour] = useState(first.hour);
  useEffect(() => {
    if (people !== first.people || hour !== first.hour) keepCrew(stayId, { people, hour } satisfies TypedCrew);
  }, [first, people, hour, stayId]);
  const [fault, setFault] = useState<string | null>(null);
  const [isTried, setTried] = useState(false);
  const [busy, setBusy] = useState(false);
  const send = async () => {
    setTried(true);
    if (people.some((person) => crewFaults(person) !== null)) return;
    setBusy(true);
    const body = {
      crew: people.filter((person) => !isBlank(person)).map(memberOf),
      arrives: hour === "" ? null : hour,
    };
    try {
      await call(tellCrew, { body });
      forgetCrew(stayId);
      onTold(body);
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("not-sent"));
      setBusy(false);
    }
  };
  return (
    <form
      className={styles.part}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <p>{t("why")}</p>
      <Field label={t("arrives")}>
        {(ids) => <input {...ids} type="time" value={hour} onChange={(event) => setHour(event.target.value)} />}
      </Field>
      {people.map((person, at) => (
        <CrewPerson
          key={at}
          number={at + 1}
          person={person}
          fault={isTried ? crewFaults(person) : null}
          onChange={(change) => setPeople(people.map((each, index) => (index === at ? { ...each, ...change } : each)))}
        />
      ))}
      <Button onClick={() => setPeople([...people, blankPerson])}>{t("add")}</Button>
      {fault && <p role="alert">{fault}</p>}
      <div className={styles.links}>
        <Button type="submit" look="main" large disabled={busy}>
          {t("send")}
        </Button>
        <Button onClick={onClose}>{common("back")}</Button>
      </div>
    </form>
  );
}
