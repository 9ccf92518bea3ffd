"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { photosOf } from "@/core/handover/state";
import { partOfLine } from "@/core/yacht/note/note";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { useHandover } from "../context";
import styles from "./Row.module.css";

/** Says that the yacht's file is wrong at this line: it goes to the desk as a proposed change, with the photos that were taken here. */
export function WrongFile({ subject, name, slug }: { subject: string; name: string; slug: string }) {
  const t = useTranslations("wrong-file");
  const all = useTranslations();
  const store = useHandover();
  const [open, setOpen] = useState(false);
  const [where, setWhere] = useState("");
  const [said, setSaid] = useState<"kept" | "missing" | null>(null);
  const about = partOfLine(subject.slice("line:".length));
  if (!about) return null;
  const keep = async () => {
    if (where.trim() === "") return setSaid("missing");
    // what sends notes is not needed for a check-in: it comes when somebody has one
    const { NoteStore } = await import("../../store/note-store");
    const isPlace = about.collection === "inventory";
    await NoteStore.open().add(
      slug, { kind: "different", about, place: null, name: "", thing: null, count: null, where: isPlace ? where.trim() : "", how: isPlace ? "" : where.trim() }, [],
      { handover: store.bundle.list.handover, grant: store.grant, photos: photosOf(store.folded(), subject) },
    );
    setOpen(false);
    setSaid("kept");
  };
  return (
    <>
      <Button onClick={() => setOpen(!open)} aria-expanded={open} aria-label={`${t("open")}: ${name}`}>
        {t("open")}
      </Button>
      {open && (
        <div className={styles.ask}>
          <Field label={t("where")} hint={t("hint")} error={said === "missing" ? t("missing") : null}>
            {(ids) => <textarea {...ids} rows={2} maxLength={500} value={where} autoFocus onChange={(event) => setWhere(event.target.value)} />}
          </Field>
          <Button look="main" onClick={() => void keep()}>
            {t("keep")}
          </Button>
          <Button onClick={() => setOpen(false)}>{all("common.back")}</Button>
        </div>
      )}
      {said === "kept" && <p role="status">{t("kept")}</p>}
    </>
  );
}
