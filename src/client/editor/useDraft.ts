"use client";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import type { DraftEdit } from "@/core/yacht/draft/edit";
import { valueAt } from "@/core/yacht/draft/pointer";
import { takingBack } from "@/core/yacht/draft/undo";
import type { DraftScreen } from "@/formats/draft";
import { anything, ApiFault, ask, type Check } from "../api";

const isScreen: Check<DraftScreen> = (value): value is DraftScreen =>
  typeof (value as DraftScreen | null)?.number === "number";
/** How often others' changes are looked for. */
const lookEveryMs = 4000;

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
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  look: () => Promise<void>;
}

/** The draft of a file in the editor: it keeps itself, sees what others change, and never puts one's own over theirs. */
export function useDraft(first: DraftScreen): Draft {
  const t = useTranslations("desk");
  const [screen, setScreen] = useState(first);
  const [state, setState] = useState<Draft["state"]>("kept");
  const [fault, setFault] = useState<Draft["fault"]>(null);
  const latest = useRef(screen);
  const sending = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    latest.current = screen;
  }, [screen]);
  const base = `/api/drafts/${first.file.of}/${first.file.slug}`;
  const look = useCallback(async () => {
    const next = await ask(base, isScreen);
    latest.current = next;
    setScreen(next);
  }, [base]);
  useEffect(() => {
    const timer = setInterval(() => void look().catch(() => undefined), lookEveryMs);
    return () => clearInterval(timer);
  }, [look]);
  const send = useCallback(
    (make: () => DraftEdit[]): Promise<boolean> => {
      const run = async (): Promise<boolean> => {
        const edits = make();
        if (edits.length === 0) return true;
        setState("keeping");
        try {
          await ask(`${base}/edits`, anything, { method: "POST", body: { edits } });
          await look();
          setState("kept");
          setFault(null);
          return true;
        } catch (error) {
          setState("fault");
          setFault({ path: edits[0]?.path ?? "", words: error instanceof ApiFault ? error.message : t("no-signal") });
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
    [base, look, t],
  );
  const change = useCallback(
    (wanted: readonly Wanted[]) =>
      send(() =>
        wanted.flatMap(({ path, to }): DraftEdit[] => {
          const from = valueAt(latest.current.document, path);
          return JSON.stringify(from) === JSON.stringify(to)
            ? []
            : [{ id: uuid(), path, from, to, undoes: null, source: null }];
        }),
      ),
    [send],
  );
  const undo = useCallback(
    async () => void (await send(() => (latest.current.undo ? [takingBack(latest.current.undo, uuid())] : []))),
    [send],
  );
  const redo = useCallback(
    async () => void (await send(() => (latest.current.redo ? [takingBack(latest.current.redo, uuid())] : []))),
    [send],
  );
  return { screen, state, fault, change, undo, redo, look };
}
