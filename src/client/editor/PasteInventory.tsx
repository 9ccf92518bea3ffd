"use client";
import { pasteInventory, saveDraftInventory } from "@/api/drafts";
import type { AnswerOf } from "@/api/endpoint";
import { AppError } from "@/api/app-error";
import { call, href } from "../api/call";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { FileName } from "@/api/schemas/draft";
import { Field } from "@/ui/Field";

type Pasted = AnswerOf<typeof pasteInventory>;

/** Inventory pasted from a spreadsheet: what is sound goes into the draft at once, what is wrong is named line by line and stays here to be mended. */
export function PasteInventory({ file: { of, slug }, onDone }: { file: FileName; onDone: () => Promise<void> }) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [text, setText] = useState("");
  const [pasted, setPasted] = useState<Pasted | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = async () => {
    if (text.trim() === "") return setFault(t("paste-empty"));
    try {
      setPasted(await call(pasteInventory, { params: { of, slug }, body: { text } }));
      setFault(null);
      await onDone();
    } catch (error) {
      setFault(error instanceof AppError ? error.message : all("desk.no-signal"));
    }
  };
  return (
    <section aria-label={t("paste")} style={{ display: "grid", gap: 14 }}>
      <h2>{t("paste")}</h2>
      <p>{t("paste-words")}</p>
      <p>
        <a href={href(saveDraftInventory, { params: { of, slug } })}>{t("paste-take-out")}</a>
      </p>
      <Field label={t("paste-lines")} error={fault}>
        {(ids) => (
          <textarea
            {...ids}
            rows={10}
            spellCheck={false}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <Button justifySelf="start" variant="solid" onClick={() => void take()}>
        {t("paste-take")}
      </Button>
      {pasted && (
        <p role="status">{t("pasted", { changed: pasted.changed, same: pasted.same, faults: pasted.faults.length })}</p>
      )}
      {pasted && pasted.faults.length > 0 && (
        <ul>
          {pasted.faults.map((each) => (
            <li key={`${each.line} ${each.message}`}>{each.message}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
