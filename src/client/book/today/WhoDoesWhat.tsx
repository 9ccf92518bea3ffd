"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { BoatBook } from "@/api/schemas/book";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import { muster, mustered, musterRoles, type MusterCase, type Mustered } from "@/core/stays/muster";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { forgetMuster, keepMusterChange, musterChanges } from "../../store/muster-changes";
import styles from "../Book.module.css";

interface Props {
  stay: string;
  crew: NonNullable<BoatBook["crew"]>;
  file: YachtFile;
}

/** Which jacket is whose, and who does what when it counts: a proposal by the crew list, changed by a tap, to be said aloud. */
export function WhoDoesWhat({ stay, crew, file }: Props) {
  const t = useTranslations("muster");
  const [changes, setChanges] = useState(() => musterChanges(stay));
  if (crew.length === 0) return null;
  return (
    <section className={styles.block} aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p>{t("proposal")}</p>
      <ul className={styles.muster}>
        {mustered(muster(crew, file), changes).map((person, at) => (
          <li key={at}>
            <strong>{person.name}</strong>
            <Jacket person={person} file={file} />
            {person.stayWith !== null ? (
              <p>{t("stays-with", { name: person.stayWith })}</p>
            ) : (
              cases.map((of) => (
                <Task
                  key={of}
                  of={of}
                  person={person}
                  onChange={(role) => setChanges(keepMusterChange(stay, { person: at, of, role }))}
                />
              ))
            )}
          </li>
        ))}
      </ul>
      {changes.length > 0 && (
        <Button
          onClick={() => {
            forgetMuster(stay);
            setChanges([]);
          }}
        >
          {t("as-proposed")}
        </Button>
      )}
    </section>
  );
}

const cases = ["overboard", "fire", "leaving"] as const;

/** What somebody does in one case; who had it gets theirs for it. */
function Task({ of, person, onChange }: { of: MusterCase; person: Mustered; onChange: (role: string) => void }) {
  const t = useTranslations("muster");
  const word = (role: string) => t(`${of}-${role}` as "overboard-helm");
  return (
    <label className={styles.task}>
      <span>{t(of)}</span>
      <select
        aria-label={t("task-of", { name: person.name, what: t(of) })}
        value={person[of] ?? ""}
        onChange={({ target }) => onChange(target.value)}
      >
        {musterRoles[of].map((role) => (
          <option key={role} value={role}>
            {word(role)}
          </option>
        ))}
      </select>
    </label>
  );
}

function Jacket({ person, file }: { person: Mustered; file: YachtFile }) {
  const t = useTranslations("muster");
  const jacket = person.jacket === null ? undefined : file.inventory[person.jacket];
  if (!jacket) return <p className={styles.without}>{t("no-jacket")}</p>;
  return (
    <p>
      {localizeFigures(file, jacket.name)}: {localize(file.places[jacket.place]?.name ?? { en: jacket.place })},{" "}
      {localizeFigures(file, jacket.where)}
    </p>
  );
}
