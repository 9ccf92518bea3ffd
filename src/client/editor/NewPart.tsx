"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { blankPart } from "@/core/yacht/draft/blank";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { freeKey } from "@/core/yacht/note/propose";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import { NewNamed } from "./NewNamed";
import type { Wanted } from "./inputs/useDraft";

interface Props {
  file: YachtFile;
  fields: Record<string, FieldSpec[]>;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
  /** shows the part that was made */
  onMade: (path: string) => void;
}

/** A new part of any kind: a procedure, an oddity, a test, a tank. What is stowed is made at its place, or pasted. */
export function NewPart({ file, fields, onChange, onMade }: Props) {
  const t = useTranslations("editor");
  const [collection, setCollection] = useState("procedures");
  const make = async (name: string) => {
    const specs = fields[collection] ?? [];
    const called = specs.find((field) => field.kind === "words" && ["name", "title", "words"].includes(field.name));
    const path = `/${collection}/${freeKey((file as unknown as Record<string, object>)[collection] ?? {}, name)}`;
    const isMade = await onChange([
      {
        path,
        to: { ...(blankPart(specs, file, collection) as object), ...(called ? { [called.name]: { en: name } } : {}) },
      },
    ]);
    if (isMade) onMade(path);
    return isMade;
  };
  return (
    <NewNamed title={t("new-part")} label={t("new-name")} onMake={make}>
      <Field label={t("new-kind")}>
        {(ids) => (
          <select {...ids} value={collection} onChange={(event) => setCollection(event.target.value)}>
            {Object.keys(fields)
              .filter((each) => each !== "particulars" && each !== "inventory")
              .map((each) => (
                <option key={each} value={each}>
                  {t(`collection-${each as "fittings"}`)}
                </option>
              ))}
          </select>
        )}
      </Field>
    </NewNamed>
  );
}
