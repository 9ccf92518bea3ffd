"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { LookName } from "@/core/underway/log/entry";
import { judgeRound, roundVerdict } from "@/core/underway/log/round";
import { numbersRead } from "@/core/underway/readings";
import { readingRules } from "@/core/readings";
import { localizeFigures } from "@/core/yacht/figures";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { parsedField, ReadFieldInput } from "../../lines/ReadFieldInput";
import type { BookStore } from "../../store/book-store";
import { Reason } from "../frame/Answer";
import type { OfBoat } from "../frame/of-boat";
import { PlannerFrame } from "../frame/PlannerFrame";
import styles from "./Round.module.css";
import { fieldsOf, useRound, valueOf } from "./useRound";

/** The morning round: engine cold, then running, tanks and hours; each looked at, none waved through. */
export function MorningRound({ of, store, onBack }: { of: OfBoat; store: BookStore; onBack: () => void }) {
  const t = useTranslations("round");
  const round = useRound(of.stay, of.file);
  const [isTried, setTried] = useState(false);
  const { begun, items } = round;
  const open = items.looks.filter((look) => !begun?.looks[look]);
  const parts = items.readings.filter((key) => valueOf(of.file, key, begun?.typed[key]) === "part");
  const tell = async () => {
    setTried(true);
    if (!begun || open.length > 0 || parts.length > 0) return;
    await store.write({
      kind: "round",
      seconds: Math.min(86_400, Math.max(0, Math.round((Date.now() - Date.parse(begun.startedAt)) / 1000))),
      looks: items.looks.flatMap((look) => {
        const said = begun.looks[look];
        return said ? [{ look, isFine: said.isFine, words: said.words.trim().slice(0, 300) }] : [];
      }),
      readings: items.readings.flatMap((reading) => {
        const values = valueOf(of.file, reading, begun.typed[reading]);
        return typeof values === "object" ? [{ reading, values }] : [];
      }),
    });
    round.end();
    onBack();
  };
  const cold = items.looks.filter((look) => !isRunning(look));
  const running = items.looks.filter(isRunning);
  return (
    <PlannerFrame title={t("title")} onBack={onBack}>
      <progress
        className={styles.progress}
        max={round.all}
        value={round.done}
        aria-label={t("done", { done: round.done, all: round.all })}
      />
      <Looks title={t("cold")} looks={cold} round={round} isTried={isTried} />
      {running.length > 0 && <Looks title={t("running")} looks={running} round={round} isTried={isTried} />}
      <section>
        <h3>{t("read")}</h3>
        <ul className={styles.items}>
          {items.readings.map((key) => (
            <ReadOff key={key} of={of} id={key} round={round} isTried={isTried} />
          ))}
        </ul>
      </section>
      {isTried && open.length + parts.length > 0 && (
        <Reason verdict="watch" words={t("left", { left: open.length + parts.length })} />
      )}
      <Button look="main" large onClick={() => void tell()}>
        {t("tell")}
      </Button>
      <p>{t("goes-to-base")}</p>
    </PlannerFrame>
  );
}

/** What is looked at once the engine runs. */
const isRunning = (look: LookName): boolean => look === "exhaust-water" || look === "charging";

type Round = ReturnType<typeof useRound>;

function Looks({
  title,
  looks,
  round,
  isTried,
}: {
  title: string;
  looks: readonly LookName[];
  round: Round;
  isTried: boolean;
}) {
  const t = useTranslations("round");
  return (
    <section>
      <h3>{title}</h3>
      <ul className={styles.items}>
        {looks.map((look) => {
          const said = round.begun?.looks[look];
          return (
            <li key={look} data-open={isTried && !said ? true : undefined}>
              <strong>{t(`look-${look}`)}</strong>
              <span>{t(`look-${look}-words`)}</span>
              <Choice
                label={t(`look-${look}`)}
                options={[
                  { value: "fine", word: t("fine") },
                  { value: "odd", word: t("odd") },
                ]}
                value={said ? (said.isFine ? "fine" : "odd") : null}
                onChoose={(value) => round.look(look, value === "fine", said?.words ?? "")}
              />
              {said && !said.isFine && (
                <>
                  <Field label={t("what-is-odd")}>
                    {(ids) => (
                      <input
                        {...ids}
                        maxLength={300}
                        value={said.words}
                        onChange={({ target }) => round.look(look, false, target.value)}
                      />
                    )}
                  </Field>
                  <p className={styles.do}>{t(`look-${look}-do`)}</p>
                </>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** One reading: what stood there last, typed or tapped, judged at once as at the base. */
function ReadOff({ of, id, round, isTried }: { of: OfBoat; id: string; round: Round; isTried: boolean }) {
  const t = useTranslations("round");
  const { file } = of;
  const spec = file.readings[id];
  if (!spec) return null;
  const typed = round.begun?.typed[id] ?? {};
  const value = valueOf(file, id, typed);
  const judgement = typeof value === "object" ? judgeRound(file, id, value, of.readings, of.now) : null;
  const verdict = judgement && roundVerdict(file, id, judgement);
  const last = numbersRead(of.readings, id, readingRules[spec.kind]?.number ?? "").at(-1);
  return (
    <li>
      <strong>{localizeFigures(file, spec.name)}</strong>
      <span>
        {localize(file.places[spec.place]?.name ?? { en: spec.place })}
        {last && ` · ${t("last", { value: last.value })}`}
      </span>
      {fieldsOf(file, id).map((field) => (
        <ReadFieldInput
          key={field.name}
          field={field}
          value={typed[field.name] ?? ""}
          isWrong={isTried && parsedField(field, typed[field.name] ?? "") === "wrong"}
          onType={(text) => round.type(id, field.name, text)}
          onKeep={(text) => text !== undefined && round.type(id, field.name, text)}
        />
      ))}
      {judgement && verdict && verdict !== "fine" && (
        <Reason verdict={verdict} words={`${judgement.why}.`} more={judgement.do} />
      )}
    </li>
  );
}
