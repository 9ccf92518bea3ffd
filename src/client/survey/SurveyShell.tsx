"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useId, useMemo, useState, useSyncExternalStore } from "react";
import { fittingKinds } from "@/core/yacht/parts/fittings";
import { expectedAt, type Expected } from "@/core/yacht/note/seen";
import type { YachtNote } from "@/core/yacht/note/note";
import type { SurveyBundle } from "@/formats/draft";
import { check as checkSurvey } from "@/formats/generated/survey-bundle";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { ApiFault, ask } from "../api";
import styles from "../book/Book.module.css";
import { NoSignalState } from "../offline/NoSignalState";
import { usePhotos } from "../photos/usePhotos";
import { NoteStore, type NewNote } from "../store/note-store";
import own from "./Survey.module.css";

type State = { at: "opening" } | { at: "none" } | { at: "fault"; words: string } | { at: "open"; bundle: SurveyBundle; isKept: boolean };

/** Walking a yacht with a phone: stand in a place, say of each thing how it is, photograph it; without signal too. */
export function SurveyShell() {
  const t = useTranslations();
  const [state, setState] = useState<State>({ at: "opening" });
  const load = useCallback(async () => {
    const yacht = location.hash.slice(1);
    if (!/^[a-z0-9-]{1,60}$/.test(yacht)) return setState({ at: "none" });
    const store = NoteStore.open();
    try {
      const bundle = await ask(`/api/yachts/${yacht}/survey`, checkSurvey);
      await store.keepSurvey(bundle);
      setState({ at: "open", bundle, isKept: false });
      store.send();
    } catch (error) {
      const kept = await store.survey(yacht).catch(() => null);
      if (kept && !(error instanceof ApiFault && error.status === 404)) setState({ at: "open", bundle: kept, isKept: true });
      else setState({ at: "fault", words: error instanceof ApiFault ? error.message : t("desk.no-signal") });
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
      <p role="status">{state.at === "opening" ? t("survey.opening") : state.at === "none" ? t("survey.none") : state.words}</p>
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
  useEffect(() => {
    void store.notesOf(bundle.yacht).then((kept) => {
      setMine(kept.map(({ note }) => note));
      setRefused(kept.find((each) => each.state === "refused")?.message ?? null);
    });
    void store.waiting().then(setWaiting);
  }, [store, bundle.yacht, version]);
  const [others, setOthers] = useState(bundle.notes);
  useEffect(() => {
    const look = async () => {
      const fresh = await ask(`/api/yachts/${bundle.yacht}/survey`, checkSurvey);
      await store.keepSurvey(fresh);
      setOthers(fresh.notes);
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
  const notes = useMemo(() => new Map([...others, ...mine].sort((a, b) => (a.at < b.at ? -1 : 1)).map((note) => [note.id, note])), [others, mine]);
  const saidOf = (thing: Expected) => [...notes.values()].filter(({ about }) => about?.collection === thing.collection && about.key === thing.key).at(-1) ?? null;
  const here = expectedAt(file, place);
  const left = Object.fromEntries(places.map(([key]) => [key, expectedAt(file, key).filter((thing) => !saidOf(thing)).length]));
  const [adding, setAdding] = useState(false);
  const keep = (note: NewNote, photos: Parameters<NoteStore["add"]>[2]) => store.add(bundle.yacht, note, photos);
  const level = shownLevel ?? file.places[place]?.level ?? "deck";
  const stand = (next: string) => {
    setPlace(next);
    setShownLevel(null);
  };
  const words = { port: t("plan.port"), starboard: t("plan.starboard"), title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }), place: (id: string) => `${file.places[id]?.name.en ?? id}: ${t("survey.left", { left: left[id] ?? 0 })}` };
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
        <Choice label={t("survey.level")} value={level} options={(["deck", "below"] as const).map((value) => ({ value, word: t(`level.${value}`) }))} onChoose={setShownLevel} />
        <div className={own.plan}>
          <YachtPlan file={file} level={level} words={words} current={place} left={left} onPick={stand} />
        </div>
        <h2>
          {file.places[place]?.name.en}: {t("survey.left", { left: left[place] ?? 0 })}
        </h2>
        <ul className={own.things}>
          {here.map((thing) => (
            <Thing key={`${place} ${thing.collection} ${thing.key}`} thing={thing} said={saidOf(thing)} file={file} onKeep={keep} />
          ))}
          {added.map((note) => (
            <li key={note.id}>
              <strong>{note.name}</strong>: {t("survey.said-new")}
            </li>
          ))}
        </ul>
        {adding ? <NewThing place={place} onKeep={keep} onDone={() => setAdding(false)} /> : <Button onClick={() => setAdding(true)}>{t("survey.new")}</Button>}
      </main>
    </div>
  );
}

type Keep = (note: NewNote, photos: Parameters<NoteStore["add"]>[2]) => Promise<void>;
const nothing = { name: "", thing: null, count: null, where: "", how: "" } as const;

function Thing({ thing, said, file, onKeep }: { thing: Expected; said: YachtNote | null; file: SurveyBundle["file"]; onKeep: Keep }) {
  const t = useTranslations("survey");
  const all = useTranslations();
  const { photos, fault, take } = usePhotos();
  const [different, setDifferent] = useState(false);
  const [where, setWhere] = useState("");
  const [how, setHow] = useState("");
  const [count, setCount] = useState("");
  const [wrong, setWrong] = useState(false);
  const about = { collection: thing.collection, key: thing.key };
  const part = (file as unknown as Record<string, Record<string, { where?: { en?: string }; expected?: number }>>)[thing.collection]?.[thing.key];
  const keepDifferent = async () => {
    if (where.trim() === "" && how.trim() === "" && count.trim() === "" && photos.length === 0) return setWrong(true);
    await onKeep({ ...nothing, kind: "different", about, place: thing.place, where: where.trim(), how: how.trim(), count: /^\d{1,4}$/.test(count.trim()) ? Number(count) : null }, photos);
    setDifferent(false);
  };
  return (
    <li aria-label={thing.name}>
      <p>
        <strong>{thing.name}</strong>
        {part?.expected !== undefined && ` × ${part.expected}`}
        {part?.where?.en && `, ${part.where.en}`}
        {said && ` · ${t(`said-${said.kind}`)}${said.photos.length > 0 ? `, ${t("photos", { photos: said.photos.length })}` : ""}`}
      </p>
      {!different && (
        <div className={styles.links}>
          <Button look={said?.kind === "as-in-file" ? "chosen" : "plain"} onClick={() => void onKeep({ ...nothing, kind: "as-in-file", about, place: thing.place }, photos)} aria-label={`${t("here")}: ${thing.name}`}>
            {t("here")}
          </Button>
          <Button look={said?.kind === "not-here" ? "chosen" : "plain"} onClick={() => void onKeep({ ...nothing, kind: "not-here", about, place: thing.place }, [])} aria-label={`${t("not-here")}: ${thing.name}`}>
            {t("not-here")}
          </Button>
          <Button look={said?.kind === "different" ? "chosen" : "plain"} onClick={() => setDifferent(true)} aria-label={`${t("different")}: ${thing.name}`}>
            {t("different")}
          </Button>
          <Photo name={thing.name} count={photos.length} fault={fault === null ? null : all(`photo.${fault}`)} onTake={take} />
        </div>
      )}
      {different && (
        <div className={styles.report}>
          <Field label={t("where")} error={wrong ? t("say") : null}>
            {(ids) => <input {...ids} maxLength={500} value={where} onChange={(event) => setWhere(event.target.value)} />}
          </Field>
          {thing.collection === "fittings" && <Field label={t("how")}>{(ids) => <input {...ids} maxLength={500} value={how} onChange={(event) => setHow(event.target.value)} />}</Field>}
          {thing.collection === "inventory" && <Field label={t("count")}>{(ids) => <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />}</Field>}
          <div className={styles.links}>
            <Photo name={thing.name} count={photos.length} fault={fault === null ? null : all(`photo.${fault}`)} onTake={take} />
            <Button look="main" onClick={() => void keepDifferent()}>
              {t("keep")}
            </Button>
            <Button onClick={() => setDifferent(false)}>{t("back")}</Button>
          </div>
        </div>
      )}
    </li>
  );
}

function Photo({ name, count, fault, onTake }: { name: string; count: number; fault: string | null; onTake: (file: File | undefined) => Promise<void> }) {
  const t = useTranslations("survey");
  const id = useId();
  return (
    <>
      <label htmlFor={id} className={own.photo}>
        {count > 0 ? t("photos", { photos: count }) : t("photo")}
        <span className="visually-hidden">: {name}</span>
        <input id={id} className="visually-hidden" type="file" accept="image/*" capture="environment" onChange={(event) => void onTake(event.target.files?.[0])} />
      </label>
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}

function NewThing({ place, onKeep, onDone }: { place: string; onKeep: Keep; onDone: () => void }) {
  const t = useTranslations("survey");
  const all = useTranslations();
  const { photos, fault, take } = usePhotos();
  const [name, setName] = useState("");
  const [thing, setThing] = useState("");
  const [count, setCount] = useState("1");
  const [where, setWhere] = useState("");
  const [how, setHow] = useState("");
  const [wrong, setWrong] = useState(false);
  const keep = async () => {
    if (name.trim() === "") return setWrong(true);
    const isFitting = thing !== "";
    await onKeep({ kind: "new", about: null, place, name: name.trim(), thing: isFitting ? (thing as YachtNote["thing"]) : null, count: isFitting || !/^\d{1,4}$/.test(count.trim()) ? null : Number(count), where: where.trim(), how: how.trim() }, photos);
    onDone();
  };
  return (
    <section className={styles.report} aria-label={t("new")}>
      <Field label={t("name")} error={wrong ? t("say-name") : null}>
        {(ids) => <input {...ids} maxLength={200} value={name} onChange={(event) => setName(event.target.value)} />}
      </Field>
      <Field label={t("thing")}>
        {(ids) => (
          <select {...ids} value={thing} onChange={(event) => setThing(event.target.value)}>
            <option value="">{t("stowed")}</option>
            {fittingKinds.map((kind) => (
              <option key={kind} value={kind}>
                {all(`fitting-kind.${kind}`)}
              </option>
            ))}
          </select>
        )}
      </Field>
      {thing === "" && <Field label={t("count")}>{(ids) => <input {...ids} inputMode="numeric" value={count} onChange={(event) => setCount(event.target.value)} />}</Field>}
      <Field label={t("where")}>{(ids) => <input {...ids} maxLength={500} value={where} onChange={(event) => setWhere(event.target.value)} />}</Field>
      {thing !== "" && <Field label={t("how")}>{(ids) => <input {...ids} maxLength={500} value={how} onChange={(event) => setHow(event.target.value)} />}</Field>}
      <div className={styles.links}>
        <Photo name={t("new")} count={photos.length} fault={fault === null ? null : all(`photo.${fault}`)} onTake={take} />
        <Button look="main" onClick={() => void keep()}>
          {t("keep")}
        </Button>
        <Button onClick={onDone}>{t("back")}</Button>
      </div>
    </section>
  );
}
