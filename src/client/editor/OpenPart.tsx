"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo } from "react";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import { freeKey } from "@/core/yacht/note/propose";
import { typedFigures } from "@/core/yacht/typed-figures";
import { fieldWords } from "@/messages/change-words";
import { EditingContext } from "./inputs/editing";
import styles from "./inputs/Editor.module.css";
import { FieldFindings } from "./inputs/FieldFindings";
import { partName, type TreePart } from "./inputs/tree";
import type { Draft } from "./inputs/useDraft";
import { NewThingHere } from "./NewThingHere";
import { PartFields } from "./PartFields";
import { ReachPart } from "./ReachPart";

interface Props {
  draft: Draft;
  part: TreePart;
  path: string;
  fields: readonly FieldSpec[];
  mayEdit: boolean;
  timeZone: string;
  onChoose: (part: TreePart) => void;
  /** opens another part by its path */
  onOpen: (path: string) => void;
}

/** One part of the file, open: its name, what may be done with it, what the checks say of it, and its fields. */
export function OpenPart({ draft, part, path, fields, mayEdit, timeZone, onChoose, onOpen }: Props) {
  const t = useTranslations("editor");
  const { document, file, findings, sisters, today } = draft.screen;
  const { collection, key } = part;
  const isParticulars = collection === "particulars";
  const typed = useMemo(() => typedFigures(document), [document]);
  const copy = async () => {
    const parts = (document as unknown as Record<string, Record<string, unknown>>)[collection] ?? {};
    const free = freeKey(parts, key);
    if (await draft.change([{ path: `/${collection}/${free}`, to: valueAt(document, path) }]))
      onChoose({ ...part, key: free });
  };
  return (
    <section aria-label={part.name} className={styles.fields}>
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="3" alignItems="center">
        <h2>{isParticulars ? part.name : partName(valueAt(document, path) ?? {}, key)}</h2>
        {!isParticulars && mayEdit && (
          <Box display="flex" gap="2">
            <Button onClick={() => void copy()}>{t("copy")}</Button>
            <Button onClick={() => void draft.change([{ path, to: null }])}>{t("take-out")}</Button>
          </Box>
        )}
      </Box>
      <chakra.p>
        <code>{path}</code>
        <ChangedByOther lately={draft.screen.lately} path={path} timeZone={timeZone} />
      </chakra.p>
      <FieldFindings findings={findings.filter((finding) => finding.path === path)} />
      {file.of === "classes" && <ReachPart sisters={sisters} path={path} fields={fields} />}
      {collection === "places" && mayEdit && (
        <NewThingHere
          key={`new ${path}`}
          file={document}
          place={key}
          today={today}
          onChange={draft.change}
          onMade={onOpen}
        />
      )}
      <EditingContext
        value={{
          file: document,
          collection,
          findings,
          typed,
          fault: draft.fault,
          disabled: !mayEdit,
          onChange: draft.change,
          onOpen,
          onRight: draft.right,
        }}
      >
        <PartFields key={path} path={path} fields={fields} />
      </EditingContext>
    </section>
  );
}

/** Who else changed something in this part last, so that two people notice each other. */
function ChangedByOther({
  lately,
  path,
  timeZone,
}: {
  lately: Draft["screen"]["lately"];
  path: string;
  timeZone: string;
}) {
  const t = useTranslations("editor");
  const format = useFormatter();
  const last = lately.find((each) => !each.isMine && (each.path === path || each.path.startsWith(`${path}/`)));
  if (!last) return null;
  const at = format.dateTime(new Date(last.at), { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone });
  return <span> · {t("changed-by", { by: last.by, at, field: fieldWords(last.path.split("/")[3] ?? "") })}</span>;
}
