"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { valueAt } from "@/core/yacht/draft/pointer";
import { fieldWords } from "@/messages/change-words";
import { useEditing } from "./inputs/editing";
import { FieldFindings } from "./inputs/FieldFindings";
import { fieldInputs } from "./fields";

/** The fields of a part, each kept as soon as it is left, with what the checks say of it beside it. */
export function PartFields({
  path,
  fields,
}: {
  /** where the part stands */
  path: string;
  fields: readonly FieldSpec[];
}) {
  return (
    <Box display="grid" gap="3">
      {fields.map((field) => (
        <PartField key={`${path}/${field.name}`} path={`${path}/${field.name}`} field={field} />
      ))}
    </Box>
  );
}

const nested = (path: string, fields: readonly FieldSpec[]) => <PartFields path={path} fields={fields} />;

/** One field with what the checks say of it. An entry of a list is called by its number, from one. */
function PartField({ path, field }: { path: string; field: FieldSpec }) {
  const t = useTranslations("editor");
  const { file, findings, fault, onChange } = useEditing();
  const words = /^\d+$/.test(field.name) ? String(Number(field.name) + 1) : fieldWords(field.name);
  const name = words.charAt(0).toUpperCase() + words.slice(1);
  const Input = fieldInputs[field.kind];
  return (
    <Box>
      <Input
        path={path}
        field={field}
        name={name}
        label={field.optional ? t("optional", { name }) : name}
        value={valueAt(file, path)}
        error={fault && (fault.path === path || fault.path.startsWith(`${path}/`)) ? fault.words : null}
        put={(to) => onChange([{ path, to }])}
        nested={nested}
      />
      <FieldFindings findings={findings.filter((finding) => finding.path === path || finding.path === `${path}/en`)} />
    </Box>
  );
}
