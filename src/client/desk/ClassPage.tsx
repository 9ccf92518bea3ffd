"use client";
import { readYachtFileSchema } from "@/api/system";
import { saveClassFile } from "@/api/yachts";
import { href } from "../api/call";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import { Chip } from "@/ui/Chip";
import { HullIcon } from "@/ui/plan/HullIcon";
import styles from "./shared/Desk.module.css";
import { UploadFile } from "./UploadFile";

interface Props {
  slug: string;
  name: string;
  revision: number;
  publishedAt: string | null;
  by: string | null;
  why: string;
  timeZone: string;
  mayEdit: boolean;
  sisters: { slug: string; name: string; revision: number; isBehind: boolean; particulars: YachtFile["particulars"] }[];
}

/** One class at the desk: her yachts, which of them stand on its newest revision, and the class's document to take out, check and publish. */
export function ClassPage({ slug, name, revision, publishedAt, by, why, timeZone, mayEdit, sisters }: Props) {
  const t = useTranslations("class");
  const fleet = useTranslations("fleet");
  const format = useFormatter();
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{t("title", { name })}</h1>
        <p>
          {publishedAt
            ? t("stands", {
                revision,
                at: format.dateTime(new Date(publishedAt), {
                  day: "numeric",
                  month: "long",
                  year: "numeric",
                  hour: "2-digit",
                  minute: "2-digit",
                  hourCycle: "h23",
                  timeZone,
                }),
                by: by ?? "",
                why,
              })
            : t("first", { revision })}
        </p>
        <p>{t("words")}</p>
      </Box>
      <table className={styles.table} aria-label={t("sisters")}>
        <thead>
          <tr>
            <th scope="col">{fleet("yacht")}</th>
            <th scope="col">{fleet("file")}</th>
            <th scope="col">{t("on-class")}</th>
          </tr>
        </thead>
        <tbody>
          {sisters.map((sister) => (
            <tr key={sister.slug}>
              <th scope="row">
                <Link href={`/fleet/${sister.slug}`} className={styles.pick}>
                  <HullIcon particulars={sister.particulars} />
                  <strong>{sister.name}</strong>
                </Link>
              </th>
              <td>{fleet("revision", { revision: sister.revision })}</td>
              <td>
                <Chip verdict={sister.isBehind ? "watch" : "fine"}>
                  {t(sister.isBehind ? "draft-waits" : "newest")}
                </Chip>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
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
        <p>
          <Link href={`/fleet/class/${slug}/edit`}>{t("edit")}</Link> ·{" "}
          <a href={href(saveClassFile, { params: { slug } })}>{fleet("take-out", { revision })}</a> ·{" "}
          <a href={href(readYachtFileSchema, {})}>{fleet("schema")}</a>
        </p>
        <UploadFile of="classes" slug={slug} mayEdit={mayEdit} />
      </Box>
    </chakra.main>
  );
}
