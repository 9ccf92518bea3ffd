"use client";
import { useTranslations } from "next-intl";
import type { ElsewhereMet } from "@/core/feeds/elsewhere";
import { Dialog } from "@/ui/kit/Dialog";

/** Days that are promised elsewhere: by whom, and which charters of ours they meet. */
export function ElsewhereDialog({
  elsewhere: { feed, startsAt, endsAt, words, meets },
  yacht,
  at,
  onClose,
}: {
  elsewhere: ElsewhereMet;
  yacht: string;
  at: (instant: string) => string;
  onClose: () => void;
}) {
  const t = useTranslations("calendar");
  const common = useTranslations("common");
  return (
    <Dialog title={t("elsewhere-title", { yacht })} closeWord={common("back")} onClose={onClose}>
      <p>{t("elsewhere-words", { feed, from: at(startsAt), until: at(endsAt) })}</p>
      {words !== "" && <p>{words}</p>}
      <p>{meets.length > 0 ? t("elsewhere-meets", { meets: meets.join(", "), feed }) : t("elsewhere-free")}</p>
    </Dialog>
  );
}
