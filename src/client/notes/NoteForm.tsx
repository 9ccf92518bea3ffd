"use client";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import type { YachtNote } from "@/core/yacht/note/note";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import type { NewNote } from "../store/note-store";
import styles from "./TellWrong.module.css";

interface Props {
  about: NonNullable<YachtNote["about"]>;
  name: string;
  /** keeps the note on this device and sends it when there is signal */
  onTell: (note: NewNote) => Promise<void>;
  /** what else belongs into the form: photos */
  children?: ReactNode;
}

/** Says that the yacht's file is wrong about a thing: it goes to the desk as a proposed change. */
export function NoteForm({ about, name, onTell, children }: Props) {
  const t = useTranslations("wrong-file");
  const all = useTranslations();
  const [open, setOpen] = useState(false);
  const [where, setWhere] = useState("");
  const [said, setSaid] = useState<"kept" | "missing" | null>(null);
  const tell = async () => {
    if (where.trim() === "") return setSaid("missing");
    const isWhere = about.collection === "inventory" || about.collection === "fittings";
    await onTell({
      kind: "different",
      about,
      place: null,
      name: "",
      thing: null,
      count: null,
      where: isWhere ? where.trim() : "",
      how: isWhere ? "" : where.trim(),
    });
    setOpen(false);
    setWhere("");
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
            {(ids) => (
              <textarea
                {...ids}
                rows={2}
                maxLength={500}
                value={where}
                autoFocus
                onChange={(event) => setWhere(event.target.value)}
              />
            )}
          </Field>
          {children}
          <Button look="main" onClick={() => void tell()}>
            {t("keep")}
          </Button>
          <Button onClick={() => setOpen(false)}>{all("common.back")}</Button>
        </div>
      )}
      {said === "kept" && <p role="status">{t("kept")}</p>}
    </>
  );
}
