"use client";
import { chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import type { FileWork } from "@/api/schemas/desk";
import { HullIcon } from "@/ui/plan/HullIcon";
import { FileWorkLink } from "./FileWorkLink";
import styles from "./shared/Desk.module.css";

interface Props {
  yachts: {
    slug: string;
    name: string;
    berth: string;
    code: string;
    revision: number;
    particulars: YachtFile["particulars"];
    fileWork: FileWork | null;
  }[];
  classes: { slug: string; name: string; revision: number }[];
  /** made, and not published yet */
  unpublished: { slug: string; name: string }[];
  mayEdit: boolean;
}

/** The base's yachts. */
export function FleetList({ yachts, classes, unpublished, mayEdit }: Props) {
  const t = useTranslations("fleet");
  const made = useTranslations("new-yacht");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <h1>{t("title")}</h1>
      {mayEdit && (
        <p>
          <Link href="/fleet/new">{made("link")}</Link>
        </p>
      )}
      <table className={styles.table} aria-label={t("title")}>
        <thead>
          <tr>
            <th scope="col">{t("yacht")}</th>
            <th scope="col">{t("class")}</th>
            <th scope="col">{t("size")}</th>
            <th scope="col">{t("berth")}</th>
            <th scope="col">{t("aboard")}</th>
            <th scope="col">{t("file")}</th>
          </tr>
        </thead>
        <tbody>
          {yachts.map(({ slug, name, berth, revision, particulars, fileWork }) => (
            <tr key={slug}>
              <th scope="row">
                <Link href={`/fleet/${slug}`} className={styles.pick}>
                  <HullIcon particulars={particulars} />
                  <strong>{name}</strong>
                </Link>
              </th>
              <td>{particulars.class}</td>
              <td>
                {t("metres", { length: particulars.lengthM, beam: particulars.beamM, draught: particulars.draughtM })}
              </td>
              <td>{berth}</td>
              <td>{particulars.maximumAboard}</td>
              <td>
                {t("revision", { revision })}
                {fileWork && (
                  <>
                    {" "}
                    · <FileWorkLink slug={slug} work={fileWork} />
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {unpublished.length > 0 && (
        <>
          <h2>{made("not-published")}</h2>
          <ul>
            {unpublished.map(({ slug, name }) => (
              <li key={slug}>
                <Link href={`/fleet/${slug}/edit`}>{made("draft-of", { name })}</Link>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>{t("classes")}</h2>
      <ul>
        {classes.map(({ slug, name, revision }) => (
          <li key={slug}>
            <Link href={`/fleet/class/${slug}`}>{name}</Link>, {t("revision", { revision })}
          </li>
        ))}
      </ul>
    </chakra.main>
  );
}
