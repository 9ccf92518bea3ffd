"use client";
import { Box } from "@chakra-ui/react";
import { Field } from "@/ui/Field";
import type { TypedRules } from "./draft";

/** Numbers of the rules, two beside each other where there is room. */
export function NumberFields({
  fields,
  typed,
  whole = false,
  faultAt,
  onType,
}: {
  fields: readonly { field: keyof TypedRules; label: string }[];
  typed: TypedRules;
  whole?: boolean;
  faultAt: (field: string) => string | null;
  onType: (field: keyof TypedRules, text: string) => void;
}) {
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="3">
      {fields.map(({ field, label }) => (
        <Field key={field} label={label} error={faultAt(field)}>
          {(ids) => (
            <input
              {...ids}
              inputMode={whole ? "numeric" : "decimal"}
              value={typed[field]}
              onChange={(event) => onType(field, event.target.value)}
            />
          )}
        </Field>
      ))}
    </Box>
  );
}
