"use client";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import type { RevisionView } from "@/formats/desk";
import { YachtBook } from "../book/YachtBook";
import { ReviewFile } from "./ReviewFile";
import { RevisionList } from "./RevisionList";

interface Props {
  slug: string;
  name: string;
  berth: string;
  code: string;
  revision: number;
  file: YachtFile;
  sisters: { slug: string; name: string }[];
  revisions: RevisionView[];
  timeZone: string;
  mayPublish: boolean;
}

/** One yacht at the desk: her file as the skipper sees it, her sisters, and the file itself to take out, check and publish. */
export function YachtPage({ slug, name, berth, code, revision, file, sisters, revisions, timeZone, mayPublish }: Props) {
  const t = useTranslations("fleet");
  const size = (part: object) => Object.keys(part).length;
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{name}</h1>
        <p>
          {file.particulars.class} · {t("berth")} {berth} · {t("revision", { revision })} · {t("code")} <a href={`/aboard#${code}`}>{code}</a>
        </p>
        <p>
          {t("holds", {
            places: size(file.places), fittings: size(file.fittings), procedures: size(file.procedures), inventory: size(file.inventory), tests: size(file.tests), readings: size(file.readings), looks: size(file.looks),
          })}
        </p>
        {sisters.map((sister) => (
          <p key={sister.slug}>
            <Link href={`/fleet/${slug}/beside/${sister.slug}`}>{t("beside", { sister: sister.name })}</Link>
          </p>
        ))}
      </Box>
      <YachtBook file={file} />
      <Box as="section" borderTopWidth="2px" borderTopStyle="solid" borderColor="kelp" paddingTop="4" display="grid" gap="3" aria-label={t("file")}>
        <h2>{t("file")}</h2>
        <p>
          <a href={`/api/yachts/${slug}/file.json`}>{t("take-out", { revision })}</a> · <a href={`/api/yachts/${slug}/inventory.csv`}>{t("take-out-list")}</a> ·{" "}
          <a href={`/api/yachts/${slug}/labels.pdf`} target="_blank" rel="noreferrer">
            {t("labels")}
          </a>{" "}
          ·{" "}
          <a href={`/api/yachts/${slug}/plan.pdf`} target="_blank" rel="noreferrer">
            {t("plan")}
          </a>{" "}
          · <a href="/api/schemas/yacht-file.json">{t("schema")}</a>
        </p>
        <ReviewFile slug={slug} mayPublish={mayPublish} />
        <h3>{t("revisions")}</h3>
        <RevisionList revisions={revisions} timeZone={timeZone} />
      </Box>
    </chakra.main>
  );
}
