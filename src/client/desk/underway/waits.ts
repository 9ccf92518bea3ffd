import { useTranslations } from "next-intl";

/** How long a call has waited, in words. */
export function useWaits(): (waitsMin: number) => string {
  const t = useTranslations("call-from");
  return (minutes) => (minutes < 120 ? t("waits", { minutes }) : t("waits-hours", { hours: Math.floor(minutes / 60) }));
}
