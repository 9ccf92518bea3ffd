"use client";
import { Box, Button } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { printCard, printLabels, printPlan, saveInventory, saveYachtFile } from "@/api/yachts";
import { Menu } from "@/ui/kit/Menu";
import { href } from "../../api/call";
import { useMay } from "../shared/staff";
import { FileWorkLink } from "../FileWorkLink";
import type { YachtPageProps } from "./props";

/** Which yacht it is, and what can be done with her file. */
export function YachtHead({ slug, name, berth, code, revision, file, yachtClass, mayEdit, fileWork }: YachtPageProps) {
  const t = useTranslations("fleet");
  const all = useTranslations();
  const seesLog = useMay("see-log");
  const params = { slug };
  return (
    <Box display="flex" flexWrap="wrap" justifyContent="space-between" alignItems="flex-start" gap="3">
      <Box>
        <h1>{name}</h1>
        <p>
          <Link href={`/fleet/class/${yachtClass.slug}`}>{file.particulars.class}</Link> · {t("berth")} {berth} ·{" "}
          {t("revision", { revision })} · {t("code")} <a href={`/aboard#${code}`}>{code}</a>
          {fileWork && (
            <>
              {" "}
              · <FileWorkLink slug={slug} work={fileWork} />
            </>
          )}
        </p>
      </Box>
      <Box display="flex" flexWrap="wrap" gap="2">
        <Button asChild variant={mayEdit ? "solid" : "outline"}>
          <Link href={`/fleet/${slug}/edit`}>{all("survey.edit-link")}</Link>
        </Button>
        <Menu
          label={t("more")}
          entries={[
            { word: all("survey.link"), href: `/survey#${slug}` },
            { word: all("tune.link"), href: `/fleet/${slug}/walk` },
            ...(seesLog ? [{ word: all("log.link"), href: `/log?yacht=${slug}` }] : []),
          ]}
        />
        <Menu
          label={t("print-save")}
          entries={[
            { word: t("labels"), href: href(printLabels, { params }), inNewTab: true },
            {
              word: t("labels-fittings"),
              href: href(printLabels, { params, query: { for: "fittings" } }),
              inNewTab: true,
            },
            { word: t("plan"), href: href(printPlan, { params }), inNewTab: true },
            { word: t("card"), href: href(printCard, { params }), inNewTab: true },
            { word: t("take-out", { revision }), href: href(saveYachtFile, { params }) },
            { word: t("take-out-list"), href: href(saveInventory, { params }) },
          ]}
        />
      </Box>
    </Box>
  );
}
