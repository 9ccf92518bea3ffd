"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { Fault } from "../shared/Fault";
import type { Previewed } from "./usePreview";
import { useShown } from "./useShown";

/** What the guest will read: to whom, by which way, in which language. */
export function MessagePreviewPart({ said, fault }: Previewed) {
  const t = useTranslations("outbox");
  const shown = useShown();
  return (
    <Box as="section" aria-label={t("preview")} display="grid" gap="1">
      <Fault words={fault} />
      {said && (
        <>
          <p>{t("preview-by", { way: said.way, language: said.language })}</p>
          {said.to.map(({ name, address }) => (
            <p key={name}>{address === null ? t("no-address", { name, way: said.way }) : t("to", { name, address })}</p>
          ))}
          <Box background="soft" padding="3" marginTop="1" display="grid" gap="2">
            {said.way === "mail" && <strong>{said.subject}</strong>}
            <chakra.p whiteSpace="pre-line">{shown(said.words)}</chakra.p>
          </Box>
        </>
      )}
    </Box>
  );
}
