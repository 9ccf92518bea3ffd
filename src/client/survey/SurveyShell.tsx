"use client";
import { readSurvey } from "@/api/yachts";
import { answerChecks } from "../api/generated/answer-checks";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState } from "react";
import type { SurveyBundle } from "@/api/schemas/draft";
import styles from "../book/Book.module.css";
import { NoteStore } from "../store/note-store";
import { Survey } from "./Survey";

type State =
  | { at: "opening" }
  | { at: "none" }
  | { at: "fault"; words: string }
  | { at: "open"; bundle: SurveyBundle; isKept: boolean };

/** Walking a yacht with a phone: stand in a place, say of each thing how it is, photograph it; without signal too. */
export function SurveyShell() {
  const t = useTranslations();
  const [state, setState] = useState<State>({ at: "opening" });
  const load = useCallback(async () => {
    const yacht = location.hash.slice(1);
    if (!/^[a-z0-9-]{1,60}$/.test(yacht)) return setState({ at: "none" });
    const store = NoteStore.open();
    try {
      const bundle = await call(readSurvey, { params: { slug: yacht } });
      store.actAs(bundle.me);
      await store.keepSurvey(bundle);
      setState({ at: "open", bundle, isKept: false });
      store.send();
    } catch (error) {
      const kept = await store.survey(yacht).catch(() => null);
      // what an earlier version of the app took along may have another form
      if (
        kept &&
        (await answerChecks[readSurvey.name]?.())?.check(kept) &&
        !(error instanceof AppError && error.status === 404)
      ) {
        store.actAs(kept.me);
        setState({ at: "open", bundle: kept, isKept: true });
      } else setState({ at: "fault", words: error instanceof AppError ? error.message : t("desk.no-signal") });
    }
  }, [t]);
  useEffect(() => {
    // opening what the address names is what this effect is for
    // eslint-disable-next-line react-hooks/set-state-in-effect
    void load();
  }, [load]);
  if (state.at === "open") return <Survey bundle={state.bundle} isKept={state.isKept} />;
  return (
    <main className={styles.alone}>
      <p role="status">
        {state.at === "opening" ? t("survey.opening") : state.at === "none" ? t("survey.none") : state.words}
      </p>
    </main>
  );
}
