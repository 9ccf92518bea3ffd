import { Button } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useFormatter, useTranslations } from "next-intl";
import { useEffect } from "react";
import { askForBackup } from "@/api/base";
import type { BackupsMade } from "@/core/backup/made";
import { useRequest } from "../api/useRequest";
import { DeskPart } from "./shared/DeskPart";
import { Fault } from "./shared/Fault";

const lookEveryMs = 3000;

/** When everything was backed up last, where that lies, and a backup at once. */
export function BackupsPart({ backups, timeZone }: { backups: BackupsMade; timeZone: string }) {
  const t = useTranslations("health");
  const format = useFormatter();
  const router = useRouter();
  const { request, fault, busy } = useRequest();
  const { last, underWay } = backups;
  useEffect(() => {
    if (!underWay) return;
    const timer = setInterval(() => router.refresh(), lookEveryMs);
    return () => clearInterval(timer);
  }, [underWay, router]);
  return (
    <DeskPart title={t("backups")}>
      <p>{t("backup-words")}</p>
      {last === null ? (
        <p>{t("backup-never")}</p>
      ) : (
        <>
          <p>
            {t("backup-last", {
              at: format.dateTime(new Date(last.at), { dateStyle: "medium", timeStyle: "short", timeZone }),
              mb: format.number(last.bytes / 1e6, { maximumFractionDigits: 1 }),
            })}{" "}
            {t("backup-lies", { file: last.file })}
          </p>
          <p>{t(last.encrypted ? "backup-encrypted" : "backup-plain")}</p>
        </>
      )}
      <Fault words={fault ?? (backups.fault && t(`backup-${backups.fault}`))} />
      {underWay ? (
        <p role="status">{t("backup-under-way")}</p>
      ) : (
        <Button justifySelf="start" disabled={busy} onClick={() => void request(askForBackup, {})}>
          {t("backup-now")}
        </Button>
      )}
    </DeskPart>
  );
}
