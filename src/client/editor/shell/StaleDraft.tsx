"use client";
import { carryDraft } from "@/api/drafts";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { DraftScreen } from "@/api/schemas/draft";
import { call } from "../../api/call";
import styles from "../inputs/Editor.module.css";

/** Somebody published a newer revision meanwhile: the draft is brought onto it, and what does not fit is named. */
export function StaleDraft({
  file: { of, slug, revision },
  onDone,
}: {
  file: DraftScreen["file"];
  onDone: () => Promise<void>;
}) {
  const t = useTranslations("editor");
  const [said, setSaid] = useState<string | null>(null);
  const carry = async () => {
    const body = await call(carryDraft, { params: { of, slug } }).catch(() => null);
    setSaid(
      body
        ? t("carried", {
            kept: body.kept,
            conflicts: body.conflicts.length,
            paths: body.conflicts.map((each) => each.path).join(", "),
          })
        : t("not-carried"),
    );
    // where this fails, the next look brings what was carried
    await onDone().catch(() => undefined);
  };
  return (
    <Box className={styles.fault} display="flex" flexWrap="wrap" gap="3" alignItems="center">
      <span>{said ?? (revision > 0 ? t("stale", { revision }) : t("stale-class"))}</span>
      <Button onClick={() => void carry()}>{t("carry")}</Button>
    </Box>
  );
}
