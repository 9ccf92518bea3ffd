"use client";
import { readSurvey } from "@/api/yachts";
import { answerChecks } from "../api/generated/answer-checks";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { expectedAt, unseenAt, type Expected } from "@/core/yacht/note/seen";
import type { YachtNote } from "@/core/yacht/note/note";
import type { SurveyBundle } from "@/api/schemas/draft";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import styles from "../book/Book.module.css";
import { NoSignalState } from "../offline/NoSignalState";
import { NoteStore } from "../store/note-store";
import { nothing, type Keep } from "./keep";
import { NewThing } from "./NewThing";
import { Photographed } from "./Photographed";
import own from "./Survey.module.css";
import { Thing } from "./Thing";

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

/** How often what others have noted is looked for, while there is signal. */
const lookEveryMs = 20_000;

function Survey({ bundle, isKept }: { bundle: SurveyBundle; isKept: boolean }) {
  const t = useTranslations();
  const store = NoteStore.open();
  const version = useSyncExternalStore(store.onChange, store.getVersion, () => 0);
  const [mine, setMine] = useState<YachtNote[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const [waiting, setWaiting] = useState(0);
  const [ofOthers, setOfOthers] = useState(0);
  useEffect(() => {
    void store.notesOf(bundle.yacht).then((kept) => {
      setMine(kept.map(({ note }) => note));
      setRefused(kept.find((each) => each.state === "refused")?.message ?? null);
    });
    void store.waiting().then(setWaiting);
    void store.waitingOfOthers().then(setOfOthers);
  }, [store, bundle.yacht, version]);
  const [{ notes: others, declined, absent }, setNewest] = useState(bundle);
  useEffect(() => {
    const look = async () => {
      const fresh = await call(readSurvey, { params: { slug: bundle.yacht } });
      await store.keepSurvey(fresh);
      setNewest(fresh);
      store.send();
    };
    // without signal it looks again later
    const timer = setInterval(() => void look().catch(() => undefined), lookEveryMs);
    return () => clearInterval(timer);
  }, [store, bundle.yacht]);
  const { file } = bundle;
  const places = useMemo(() => Object.entries(file.places).sort(([, a], [, b]) => a.order - b.order), [file]);
  const [place, setPlace] = useState(places[0]?.[0] ?? "");
  // which level of the plan is looked at, where it is not the one that one stands on
  const [shownLevel, setShownLevel] = useState<"deck" | "below" | null>(null);
  const notes = useMemo(
    () => new Map([...others, ...mine].sort((a, b) => (a.at < b.at ? -1 : 1)).map((note) => [note.id, note])),
    [others, mine],
  );
  const saidOf = (thing: Expected) =>
    [...notes.values()]
      .filter(({ about }) => about?.collection === thing.collection && about.key === thing.key)
      .at(-1) ?? null;
  const declinedOf = (thing: Expected) => declined.find((each) => each.note === saidOf(thing)?.id) ?? null;
  const here = expectedAt(file, place);
  const absentHere = absent.filter((thing) => thing.place === place);
  const left = Object.fromEntries(places.map(([key]) => [key, unseenAt(file, key, [...notes.values()]).length]));
  // what was seen before one came here stands below; what is said now stays where it is, so that a second tap hits nothing else
  const [seenBefore, setSeenBefore] = useState<ReadonlySet<string>>(new Set());
  const [adding, setAdding] = useState(false);
  const [unseen, seen] = [
    here.filter((thing) => !seenBefore.has(`${thing.collection} ${thing.key}`)),
    here.filter((thing) => seenBefore.has(`${thing.collection} ${thing.key}`)),
  ];
  const keep: Keep = (note, photos) => store.add(bundle.yacht, note, photos);
  const level = shownLevel ?? file.places[place]?.level ?? "deck";
  const stand = (next: string) => {
    setPlace(next);
    setSeenBefore(
      new Set(
        expectedAt(file, next)
          .filter(saidOf)
          .map(({ collection, key }) => `${collection} ${key}`),
      ),
    );
    setShownLevel(null);
  };
  const words = {
    port: t("plan.port"),
    starboard: t("plan.starboard"),
    title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }),
    place: (id: string) => `${file.places[id]?.name.en ?? id}: ${t("survey.left", { left: left[id] ?? 0 })}`,
  };
  const added = [...notes.values()].filter((note) => note.kind === "new" && note.place === place);
  return (
    <div className={styles.page}>
      <header className={styles.top}>
        <div>
          <h1>{t("survey.title", { yacht: file.particulars.name })}</h1>
          <p role="status">{t("survey.waiting", { waiting })}</p>
        </div>
      </header>
      <main className={styles.part}>
        {isKept && <p role="status">{t("survey.kept-from")}</p>}
        <NoSignalState shell="/survey" bytes={JSON.stringify(bundle).length} />
        {ofOthers > 0 && <p role="status">{t("survey.of-others", { notes: ofOthers })}</p>}
        {refused && <p role="alert">{t("survey.refused", { message: refused })}</p>}
        <Field label={t("survey.place")}>
          {(ids) => (
            <select {...ids} value={place} onChange={(event) => stand(event.target.value)}>
              {places.map(([key, each]) => (
                <option key={key} value={key}>
                  {each.name.en} ({left[key]})
                </option>
              ))}
            </select>
          )}
        </Field>
        <Choice
          label={t("survey.level")}
          value={level}
          options={(["deck", "below"] as const).map((value) => ({ value, word: t(`level.${value}`) }))}
          onChoose={setShownLevel}
        />
        <div className={own.plan}>
          <YachtPlan file={file} level={level} words={words} current={place} left={left} onPick={stand} />
        </div>
        <h2>
          {file.places[place]?.name.en}: {t("survey.left", { left: left[place] ?? 0 })}
        </h2>
        <Photographed
          key={place}
          place={place}
          unseen={unseen.filter((thing) => !saidOf(thing))}
          others={here.filter(saidOf)}
          absent={absentHere}
          file={file}
          onKeep={keep}
        />
        <ul className={own.things} aria-label={t("survey.not-seen")}>
          {unseen.map((thing) => (
            <Thing
              key={`${place} ${thing.collection} ${thing.key}`}
              thing={thing}
              said={saidOf(thing)}
              declined={declinedOf(thing)}
              file={file}
              onKeep={keep}
            />
          ))}
          {added.map((note) => (
            <li key={note.id} aria-label={note.name}>
              <p>
                <strong>{note.name}</strong>: {t("survey.said-new")}
              </p>
              {declined
                .filter((each) => each.note === note.id)
                .map(({ by, words: why }) => (
                  <p key={why}>{t("survey.declined", { by, words: why })}</p>
                ))}
            </li>
          ))}
        </ul>
        {seen.length > 0 && (
          <details>
            <summary className={own.summary}>{t("survey.seen", { things: seen.length })}</summary>
            <ul className={own.things}>
              {seen.map((thing) => (
                <Thing
                  key={`${place} ${thing.collection} ${thing.key}`}
                  thing={thing}
                  said={saidOf(thing)}
                  declined={declinedOf(thing)}
                  file={file}
                  onKeep={keep}
                />
              ))}
            </ul>
          </details>
        )}
        {absentHere.length > 0 && (
          <>
            <h3>{t("survey.absent")}</h3>
            <ul className={own.things}>
              {absentHere.map((thing) => {
                const said = saidOf(thing)?.kind;
                return (
                  <li key={`${thing.collection} ${thing.key}`} aria-label={thing.name}>
                    <p>
                      <strong>{thing.name}</strong>
                      {said && ` · ${t(`survey.said-${said}`)}`}
                    </p>
                    <Button
                      look={said === "as-class" ? "chosen" : "plain"}
                      onClick={() =>
                        void keep(
                          {
                            ...nothing,
                            kind: "as-class",
                            about: { collection: thing.collection, key: thing.key },
                            place,
                          },
                          [],
                        )
                      }
                      aria-label={`${t("survey.here-after-all")}: ${thing.name}`}
                    >
                      {t("survey.here-after-all")}
                    </Button>
                  </li>
                );
              })}
            </ul>
          </>
        )}
        {adding ? (
          <NewThing place={place} photographed={[]} onKeep={keep} onDone={() => setAdding(false)} />
        ) : (
          <Button onClick={() => setAdding(true)}>{t("survey.new")}</Button>
        )}
      </main>
    </div>
  );
}
