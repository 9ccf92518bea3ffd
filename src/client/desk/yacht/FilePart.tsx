"use client";
import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { readYachtFileSchema } from "@/api/system";
import { href } from "../../api/call";
import { RevisionList } from "../RevisionList";
import { UploadFile } from "../UploadFile";
import { DeskPart } from "../shared/DeskPart";
import type { YachtPageProps } from "./props";

/** The file itself: how much it holds, what waits in it, a changed one put in, and its revisions. */
export function FilePart(props: YachtPageProps) {
  const { slug, revision, file, sisters, revisions, timeZone, mayEdit, draft } = props;
  const t = useTranslations("fleet");
  const size = (part: object) => Object.keys(part).length;
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1fr 1fr" }} gap="0 32px" alignItems="start">
      <DeskPart title={t("holds-title", { revision })} isFirst>
        <p>
          {t("holds", {
            places: size(file.places),
            fittings: size(file.fittings),
            procedures: size(file.procedures),
            inventory: size(file.inventory),
            tests: size(file.tests),
            readings: size(file.readings),
            looks: size(file.looks),
          })}
        </p>
        {sisters.map((sister) => (
          <p key={sister.slug}>
            <Link href={`/fleet/${slug}/beside/${sister.slug}`}>{t("beside", { sister: sister.name })}</Link>
          </p>
        ))}
        <h3>{t("revisions")}</h3>
        <RevisionList revisions={revisions} timeZone={timeZone} />
      </DeskPart>
      <DeskPart title={t("change-by-file")} isFirst>
        <UploadFile of="yachts" slug={slug} mayEdit={mayEdit} hasClassDraft={draft !== null} />
        <p>
          <a href={href(readYachtFileSchema, {})}>{t("schema")}</a>
        </p>
      </DeskPart>
    </Box>
  );
}
