"use client";
import { readSurvey } from "@/api/yachts";
import type { SurveyBundle } from "@/api/schemas/draft";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import type { YachtNote } from "@/core/yacht/note/note";
import type { Expected } from "@/core/yacht/note/seen";
import { call } from "../api/call";
import { NoteStore } from "../store/note-store";
import type { Keep } from "./keep";

/** How often what others have noted is looked for, while there is signal. */
const lookEveryMs = 20_000;

/** What was said of a thing of the yacht, and the desk's no to it. */
export interface Said {
  note: YachtNote | null;
  declined: SurveyBundle["declined"][number] | null;
}

interface Surveyed {
  /** every note on the yacht, one's own and the others', the oldest first */
  notes: readonly YachtNote[];
  declined: SurveyBundle["declined"];
  absent: SurveyBundle["absent"];
  /** notes and photos of this phone that the base has not taken yet; null until it is known */
  waiting: number | null;
  /** notes that wait for the sign-in of who wrote them */
  ofOthers: number;
  /** why the base did not take one of them */
  refused: string | null;
  saidOf: (thing: Expected) => Said;
  keep: Keep;
}

/** What is noted on a yacht, on this phone and by others, as it comes in. */
export function useSurvey(bundle: SurveyBundle): Surveyed {
  const store = NoteStore.open();
  const version = useSyncExternalStore(store.onChange, store.getVersion, () => 0);
  const [mine, setMine] = useState<YachtNote[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<number | null>(null);
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
  const notes = useMemo(() => {
    const inOrder = [...others, ...mine].sort((a, b) => (a.at < b.at ? -1 : 1));
    return [...new Map(inOrder.map((note) => [note.id, note])).values()];
  }, [others, mine]);
  const saidOf = (thing: Expected): Said => {
    const about = notes.filter((note) => note.about?.collection === thing.collection && note.about.key === thing.key);
    const note = about.at(-1) ?? null;
    return { note, declined: declined.find((each) => each.note === note?.id) ?? null };
  };
  const keep: Keep = (note, photos) => store.add(bundle.yacht, note, photos);
  return { notes, declined, absent, waiting, ofOthers, refused, saidOf, keep };
}
