"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { askedByPlace, type AskedPart } from "@/core/checks/asked";
import { isUntold, untoldPaths } from "@/core/checks/untold";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import { BoughtOnForAll } from "./BoughtOnForAll";
import { EditingContext } from "./inputs/editing";
import styles from "./inputs/Editor.module.css";
import { partName } from "./inputs/tree";
import type { Draft } from "./inputs/useDraft";
import { PartFields } from "./PartFields";

interface Props {
  draft: Draft;
  fields: Readonly<Record<string, readonly FieldSpec[]>>;
  mayEdit: boolean;
  onOpen: (path: string) => void;
}

/** What nobody has told yet, place by place as one walks her, each with its field: what is told goes from the list. */
export function ToldPart({ draft, fields, mayEdit, onOpen }: Props) {
  const t = useTranslations("editor");
  const { document, findings } = draft.screen;
  const nameOf = ({ collection, key, path }: AskedPart) => {
    if (collection === "particulars") return t("particulars");
    const name = partName(valueAt(document, path) ?? {}, key);
    // what has no name of its own is said with what it is
    return name === key ? `${t(`collection-${collection as "fittings"}`)}, ${key}` : name;
  };
  const placeName = (place: string) =>
    place === "" ? t("particulars") : partName(document.places[place] ?? {}, place);
  const places = askedByPlace(document, untoldPaths(findings), fields);
  const [open, setOpen] = useState<string | null>(null);
  if (places.length === 0) return <p>{t("told-none")}</p>;
  const shown = places.some(({ place }) => place === open) ? open : places[0]!.place;
  return (
    <Box display="grid" gap="3">
      <p>{t("told-words")}</p>
      {mayEdit && <BoughtOnForAll file={document} onChange={draft.change} />}
      {places.map(({ place, parts }) => (
        <section key={place} aria-label={placeName(place)}>
          <button
            type="button"
            className={styles.entry}
            aria-expanded={shown === place}
            onClick={() => setOpen(shown === place ? null : place)}
          >
            {shown === place ? "▾" : "▸"} <strong>{placeName(place)}</strong>{" "}
            {t("told-left", { left: parts.reduce((sum, part) => sum + part.fields.length, 0) })}
          </button>
          {shown === place &&
            parts.map((part) => (
              <PartAsked key={part.path} name={nameOf(part)} {...{ draft, part, mayEdit, onOpen }} />
            ))}
        </section>
      ))}
    </Box>
  );
}

function PartAsked({
  draft,
  part,
  name,
  mayEdit,
  onOpen,
}: Pick<Props, "draft" | "mayEdit" | "onOpen"> & { part: AskedPart; name: string }) {
  const { document, findings } = draft.screen;
  return (
    <chakra.fieldset borderLeftWidth="4px" borderLeftStyle="solid" borderColor="line" padding="2" paddingLeft="3">
      <chakra.legend fontWeight="700">
        <button type="button" className={styles.plain} onClick={() => onOpen(part.path)}>
          {name}
        </button>
      </chakra.legend>
      <EditingContext
        value={{
          file: document,
          collection: part.collection,
          // that it is still to be told is why it stands here
          findings: findings.filter((finding) => !isUntold(finding)),
          typed: [],
          fault: draft.fault,
          disabled: !mayEdit,
          onChange: draft.change,
          onOpen,
          onRight: draft.right,
        }}
      >
        <Box display="grid" gap="3" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }}>
          {part.fields.map(({ part: of, field }) => (
            <PartFields key={`${of}/${field.name}`} path={of} fields={[field]} />
          ))}
        </Box>
      </EditingContext>
    </chakra.fieldset>
  );
}
