"use client";
import { readYachtFileSchema } from "@/api/system";
import { printCard, printLabels, printPlan, saveInventory, saveYachtFile } from "@/api/yachts";
import { href } from "../api/call";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { CheckedFinding } from "@/core/checks";
import type { YachtFile } from "@/core/yacht/schema";
import type { DefectView, FileWork, RevisionView } from "@/api/schemas/desk";
import { OddNote } from "@/ui/OddNote";
import { YachtBook } from "../book/YachtBook";
import { DefectList } from "./DefectList";
import { FileWorkLink } from "./FileWorkLink";
import { RevisionList } from "./RevisionList";
import { UploadFile } from "./UploadFile";

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
  defects: DefectView[];
  fileWork: FileWork | null;
  mayEdit: boolean;
  mayWork: boolean;
  yachtClass: { slug: string; revision: number };
  /** what a change of her class has left to be looked at */
  draft: { why: string; findings: CheckedFinding[] } | null;
}

/** One yacht at the desk: her file as the skipper sees it, her sisters, and the file itself to take out, check and publish. */
export function YachtPage(props: Props) {
  const { slug, revision, file, revisions, timeZone, defects, mayEdit, mayWork, yachtClass, draft } = props;
  const t = useTranslations("fleet");
  const work = useTranslations("work");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <YachtHead {...props} />
      <Box
        as="section"
        borderTopWidth="2px"
        borderTopStyle="solid"
        borderColor="kelp"
        paddingTop="4"
        display="grid"
        gap="3"
        aria-label={work("title")}
      >
        <h2>{work("title")}</h2>
        <DefectList defects={defects} timeZone={timeZone} mayWork={mayWork} />
      </Box>
      <YachtBook file={file} />
      <Box
        as="section"
        borderTopWidth="2px"
        borderTopStyle="solid"
        borderColor="kelp"
        paddingTop="4"
        display="grid"
        gap="3"
        aria-label={t("file")}
      >
        <h2>{t("file")}</h2>
        <FileLinks slug={slug} revision={revision} />
        {draft && (
          <OddNote title={t("draft", { revision: yachtClass.revision, why: draft.why })}>
            {draft.findings.length === 0
              ? t("draft-fits")
              : draft.findings.map((finding) => finding.message).join("; ")}
          </OddNote>
        )}
        <UploadFile of="yachts" slug={slug} mayEdit={mayEdit} hasClassDraft={draft !== null} />
        <h3>{t("revisions")}</h3>
        <RevisionList revisions={revisions} timeZone={timeZone} />
      </Box>
    </chakra.main>
  );
}

/** Which yacht it is, what her file holds, and what can be done with it. */
function YachtHead({ slug, name, berth, code, revision, file, sisters, fileWork, yachtClass }: Props) {
  const t = useTranslations("fleet");
  const tune = useTranslations("tune");
  const survey = useTranslations("survey");
  const size = (part: object) => Object.keys(part).length;
  return (
    <Box>
      <h1>{name}</h1>
      <p>
        <Link href={`/fleet/class/${yachtClass.slug}`}>{file.particulars.class}</Link> · {t("berth")} {berth} ·{" "}
        {t("revision", { revision })} · {t("code")} <a href={`/aboard#${code}`}>{code}</a>
      </p>
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
      <p>
        <Link href={`/fleet/${slug}/edit`}>{survey("edit-link")}</Link> ·{" "}
        {fileWork && <FileWorkLink slug={slug} work={fileWork} />}
        {fileWork && " · "} <a href={`/survey#${slug}`}>{survey("link")}</a> ·{" "}
        <Link href={`/fleet/${slug}/walk`}>{tune("link")}</Link>
      </p>
      {sisters.map((sister) => (
        <p key={sister.slug}>
          <Link href={`/fleet/${slug}/beside/${sister.slug}`}>{t("beside", { sister: sister.name })}</Link>
        </p>
      ))}
    </Box>
  );
}

/** What can be taken out of a yacht's file and printed from it. */
function FileLinks({ slug, revision }: { slug: string; revision: number }) {
  const t = useTranslations("fleet");
  return (
    <p>
      <a href={href(saveYachtFile, { params: { slug } })}>{t("take-out", { revision })}</a> ·{" "}
      <a href={href(saveInventory, { params: { slug } })}>{t("take-out-list")}</a> ·{" "}
      <a href={href(printLabels, { params: { slug } })} target="_blank" rel="noreferrer">
        {t("labels")}
      </a>{" "}
      ·{" "}
      <a href={href(printLabels, { params: { slug }, query: { for: "fittings" } })} target="_blank" rel="noreferrer">
        {t("labels-fittings")}
      </a>{" "}
      ·{" "}
      <a href={href(printPlan, { params: { slug } })} target="_blank" rel="noreferrer">
        {t("plan")}
      </a>{" "}
      ·{" "}
      <a href={href(printCard, { params: { slug } })} target="_blank" rel="noreferrer">
        {t("card")}
      </a>{" "}
      · <a href={href(readYachtFileSchema, {})}>{t("schema")}</a>
    </p>
  );
}
