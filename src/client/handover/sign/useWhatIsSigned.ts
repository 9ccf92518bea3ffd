"use client";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import { walkState } from "@/core/handover/walk/walk-state";
import { briefingWords } from "@/messages/briefing-words";
import { findings, type Finding } from "@/messages/findings";
import { useLanguage } from "../../language/language";
import { forChartererWords, othersWords, signedWords } from "@/messages/signed-words";
import { useHandover, useSaveState, useVersion } from "../../store/handover-context";
import type { Signing } from "./useSigning";

/** What both read before they sign, in words. */
export interface WhatIsSigned {
  noted: Finding[];
  gateWords: string;
  briefing: string[];
  /** who signs for whom, where the skipper is not the charterer */
  forCharterer: string | null;
  /** devices beside this one that may hold something nobody here has read; nothing while the base is heard */
  withoutOthers: string | null;
  /** all of it, as it stands in the record */
  words: string[];
}

export function useWhatIsSigned({
  without,
  witness,
  signed,
}: Pick<Signing, "without" | "witness" | "signed">): WhatIsSigned {
  const language = useLanguage();
  const t = useTranslations();
  const store = useHandover();
  const version = useVersion();
  const { online } = useSaveState();
  const { list, charter, base, context } = store.bundle;
  const { gate } = store.sums();
  const noted = useMemo(() => {
    void version;
    return findings(t, list, store.folded());
  }, [t, list, store, version]);
  const briefing = useMemo(() => {
    void version;
    return list.briefing ? briefingWords(t, list.briefing, walkState(list.briefing, store.folded())) : [];
  }, [t, list, store, version]);
  const { lastHeardAt } = store;
  const withoutOthers = online
    ? null
    : othersWords(t, store.allEntries(), store.device, { lastHeardAt, timeZone: base.timeZone, language });
  return {
    noted,
    gateWords: t(list.kind === "check-in" ? `gate.state-${gate.state}` : "sign.state-out"),
    briefing,
    forCharterer: forChartererWords(t, charter),
    withoutOthers,
    words: signedWords(t, {
      list,
      folded: store.folded(),
      context,
      ...charter,
      without: without && { ...without, words: without.words.trim() },
      // a witness who types a name signs under that one
      witness: (signed.skipper?.name ?? witness).trim(),
      withoutOthers,
    }),
  };
}
