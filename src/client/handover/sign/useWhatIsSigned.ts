"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo } from "react";
import { walkState } from "@/core/handover/walk/walk-state";
import { briefingWords } from "@/messages/briefing-words";
import { findings, type Finding } from "@/messages/findings";
import { reasonWords } from "@/messages/reason-words";
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

export function useWhatIsSigned({ without, witness }: Pick<Signing, "without" | "witness">): WhatIsSigned {
  const t = useTranslations();
  const store = useHandover();
  const version = useVersion();
  const { list, charter } = store.bundle;
  const { gate, progress } = store.sums();
  const noted = useMemo(() => {
    void version;
    return findings(t, list, store.folded());
  }, [t, list, store, version]);
  const briefing = useMemo(() => {
    void version;
    return list.briefing ? briefingWords(t, list.briefing, walkState(list.briefing, store.folded())) : [];
  }, [t, list, store, version]);
  const gateWords = t(list.kind === "check-in" ? `gate.state-${gate.state}` : "sign.state-out");
  const reasons = gate.reasons.filter((reason) => reason.blocks).map((reason) => reasonWords(t, list, reason));
  const { skipper, charterer } = charter;
  const forCharterer =
    skipper.id === charterer.id ? null : t("sign.for-charterer", { skipper: skipper.name, charterer: charterer.name });
  const withoutOthers = useWithoutOthers();
  const words = [
    ...(list.known ?? []).map(({ title, words: said }) => t("known.word", { title, words: said })),
    ...noted.map((finding) => `${finding.place}: ${finding.name}: ${finding.words}`),
    ...(list.kind === "check-in" ? [gateWords, ...reasons] : []),
    ...(progress.left > 0 ? [t("sign.open-lines", { left: progress.left })] : []),
    ...briefing,
    ...(forCharterer === null ? [] : [forCharterer]),
    ...(withoutOthers === null ? [] : [withoutOthers]),
    without
      ? t("without.declaration", { why: t(`without.they-${without.reason}`), words: without.words, witness })
      : t("sign.declaration"),
  ];
  return { noted, gateWords, briefing, forCharterer, withoutOthers, words };
}

/** What another device holds and has not sent is not in what is signed here: that is said, and meant. */
function useWithoutOthers(): string | null {
  const t = useTranslations("sign");
  const format = useFormatter();
  const store = useHandover();
  const { online } = useSaveState();
  const others = new Set(store.allEntries().flatMap((entry) => (entry.device === store.device ? [] : [entry.device])))
    .size;
  if (others === 0 || online) return null;
  const heard =
    store.lastHeardAt === null
      ? ""
      : format.dateTime(new Date(store.lastHeardAt), {
          weekday: "short",
          hour: "2-digit",
          minute: "2-digit",
          hourCycle: "h23",
          timeZone: store.bundle.base.timeZone,
        });
  return t("without-others", { others, heard });
}
