"use client";
import { useTranslations } from "next-intl";
import { hastyNow } from "@/core/handover/pace";
import { useHandover, useVersion } from "../store/handover-context";

/** A word to who ticks faster than anybody looks; it goes as soon as the next lines are looked at. */
export function PaceWords({ className }: { className?: string | undefined }) {
  const t = useTranslations("pace");
  const store = useHandover();
  useVersion();
  const { list, me } = store.bundle;
  const hasty = hastyNow(list, store.folded(), me.person);
  if (!hasty) return null;
  return (
    <p className={className} aria-live="polite">
      {t("now", { lines: hasty.lines, took: hasty.tookSeconds, takes: Math.ceil(hasty.takesSeconds / 60) })}
    </p>
  );
}
