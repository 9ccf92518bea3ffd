"use client";
import { Box } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { DraftScreen, FileName } from "@/api/schemas/draft";
import { untoldPaths } from "@/core/checks/untold";
import { Segments } from "@/ui/kit/Segments";
import styles from "../inputs/Editor.module.css";

export type View = "part" | "told" | "proposed" | "paste" | "publish";

/** The page of the file that is edited. */
export const pageOf = ({ of, slug }: FileName) => (of === "classes" ? `/fleet/class/${slug}` : `/fleet/${slug}`);

const ofYacht: readonly View[] = ["part", "told", "proposed", "paste", "publish"];
const ofClass: readonly View[] = ["part", "told", "paste", "publish"];

/** Whose file it is, on what it rests, and which side of it is shown. */
export function EditorHead({
  screen,
  view,
  onView,
}: {
  screen: DraftScreen;
  view: View;
  onView: (view: View) => void;
}) {
  const t = useTranslations();
  const { file } = screen;
  const isClass = file.of === "classes";
  const untold = untoldPaths(screen.findings).length;
  // what a yacht of the usual file never needs takes no room
  const views = (isClass ? ofClass : ofYacht).filter((each) => each !== "told" || untold > 0 || view === "told");
  return (
    <div className={styles.head}>
      <Box>
        <h1>{t(isClass ? "editor.heading-class" : "editor.heading", { name: file.name })}</h1>
        <p>
          {file.revision > 0 ? (
            <Link href={pageOf(file)}>{t("editor.revision", { revision: screen.onRevision })}</Link>
          ) : (
            t("editor.first-draft")
          )}{" "}
          · {t("editor.edits", { edits: screen.number })}
          {!isClass && (
            <>
              {" "}
              · <a href={`/survey#${file.slug}`}>{t("survey.link")}</a>
            </>
          )}
        </p>
      </Box>
      <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
        <Segments
          label={t("editor.view")}
          value={view}
          options={views.map((value) => ({
            value,
            word: t(`editor.view-${value}`, { notes: screen.notes.length + screen.moved.length, untold }),
          }))}
          onChoose={onView}
        />
      </Box>
    </div>
  );
}
