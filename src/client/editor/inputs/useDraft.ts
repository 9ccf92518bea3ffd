"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { editDraft, readDraft, readDraftNews, sayStillRight } from "@/api/drafts";
import type { DraftNews, DraftScreen } from "@/api/schemas/draft";
import { draftDocument, type DraftEdit } from "@/core/yacht/draft/edit";
import { valueAt } from "@/core/yacht/draft/pointer";
import { takingBack } from "@/core/yacht/draft/undo";
import type { YachtFile } from "@/core/yacht/schema";
import { call } from "../../api/call";

/** How often others' changes are looked for. */
const lookEveryMs = 4000;
const lately = 12;

/** A change to be kept: where, and what is to stand there; null takes it away. */
export interface Wanted {
  path: string;
  to: unknown;
}

export interface Draft {
  screen: DraftScreen;
  state: "kept" | "keeping" | "fault";
  /** what the base said against the last change, and where */
  fault: { path: string; words: string } | null;
  /** keeps changes at once; says whether they were */
  change: (wanted: readonly Wanted[]) => Promise<boolean>;
  /** keeps that a text in question was read and is right; says whether it was kept */
  right: (path: string, basis: string) => Promise<boolean>;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  /** reads the whole draft anew */
  look: () => Promise<void>;
}

/**
 * The screen with what is new laid over it; null where that cannot be, because it is another draft by now or something
 * beside the edits has changed: then the whole is read anew.
 */
export function withNews(screen: DraftScreen, news: DraftNews): DraftScreen | null {
  const isFirst = screen.draft === null && news.draft !== null && screen.number === 0;
  if ((news.draft !== screen.draft && !isFirst) || news.stamp !== screen.stamp) return null;
  if (screen.number + news.edits.length !== news.number) return null;
  const { edits, ...standing } = news;
  try {
    const document = draftDocument(
      screen.document,
      edits.map((edit) => ({ ...edit, id: "", undoes: null, source: null })),
    ) as YachtFile;
    return { ...screen, ...standing, document, lately: [...edits].reverse().concat(screen.lately).slice(0, lately) };
  } catch {
    return null;
  }
}

/** The draft of a file in the editor: it keeps itself, sees what others change, and never puts one's own over theirs. */
export function useDraft(first: DraftScreen): Draft {
  const t = useTranslations("desk");
  const [screen, setScreen] = useState(first);
  const [state, setState] = useState<Draft["state"]>("kept");
  const [fault, setFault] = useState<Draft["fault"]>(null);
  const latest = useRef(screen);
  const sending = useRef<Promise<unknown>>(Promise.resolve());
  const { of, slug } = first.file;
  const show = useCallback((next: DraftScreen) => {
    latest.current = next;
    setScreen(next);
  }, []);
  const look = useCallback(async () => show(await call(readDraft, { params: { of, slug } })), [show, of, slug]);
  const takeNews = useCallback(
    async (news: DraftNews) => {
      const next = withNews(latest.current, news);
      if (next) show(next);
      else await look();
    },
    [show, look],
  );
  useEffect(() => {
    const ask = async () => {
      const { number, draft } = latest.current;
      const query = { after: number, ...(draft === null ? {} : { draft }) };
      const news = await call(readDraftNews, { params: { of, slug }, query });
      // what was kept meanwhile is here already
      if (latest.current.number === number && latest.current.draft === draft && hasNews(latest.current, news))
        await takeNews(news);
    };
    const timer = setInterval(() => void ask().catch(() => undefined), lookEveryMs);
    return () => clearInterval(timer);
  }, [of, slug, takeNews]);
  const send = useCallback(
    (make: () => DraftEdit[]): Promise<boolean> => {
      const run = async (): Promise<boolean> => {
        const edits = make();
        if (edits.length === 0) return true;
        setState("keeping");
        try {
          const { number: after, draft } = latest.current;
          await takeNews(await call(editDraft, { params: { of, slug }, body: { edits, after, draft } }));
          setState("kept");
          setFault(null);
          return true;
        } catch (error) {
          setState("fault");
          setFault({ path: edits[0]?.path ?? "", words: error instanceof AppError ? error.message : t("no-signal") });
          // what stands there now is shown beside what was typed
          await look().catch(() => undefined);
          return false;
        }
      };
      // one after the other: each is made on what the one before left
      const next = sending.current.then(run, run);
      sending.current = next;
      return next;
    },
    [of, slug, takeNews, look, t],
  );
  const change = useCallback(
    (wanted: readonly Wanted[]) => send(() => wanted.flatMap((each) => editOf(latest.current, each))),
    [send],
  );
  const takeBack = useCallback(
    async (which: "undo" | "redo") => {
      await send(() => {
        const edit = latest.current[which];
        return edit ? [takingBack(edit, uuid())] : [];
      });
    },
    [send],
  );
  const right = useStillRight(first.file, look, setFault);
  const undo = useCallback(() => takeBack("undo"), [takeBack]);
  const redo = useCallback(() => takeBack("redo"), [takeBack]);
  return { screen, state, fault, change, right, undo, redo, look };
}

/** Keeps that a text in question was read and is right; the draft is read anew, whatever the base said. */
function useStillRight(
  { of, slug }: DraftScreen["file"],
  look: Draft["look"],
  onFault: (fault: Draft["fault"]) => void,
): Draft["right"] {
  const t = useTranslations("desk");
  return useCallback(
    async (path, basis) => {
      const words = await call(sayStillRight, { params: { of, slug }, body: { path, basis } }).then(
        () => null,
        (error: unknown) => (error instanceof AppError ? error.message : t("no-signal")),
      );
      onFault(words === null ? null : { path, words });
      await look().catch(() => undefined);
      return words === null;
    },
    [of, slug, look, onFault, t],
  );
}

const hasNews = (screen: DraftScreen, news: DraftNews): boolean =>
  news.draft !== screen.draft || news.number !== screen.number || news.stamp !== screen.stamp;

/** The edit that makes what is wanted of what stands; none where it stands already. */
function editOf({ document }: DraftScreen, { path, to }: Wanted): DraftEdit[] {
  const from = valueAt(document, path);
  if (JSON.stringify(from) === JSON.stringify(to)) return [];
  return [{ id: uuid(), path, from, to, undoes: null, source: null }];
}
