"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useEditing } from "../inputs/editing";
import type { FieldPart } from "./field-part";

/** Ticked or not; what may stay empty is taken out where it is not. */
export function YesNo({ field, label, value, put }: FieldPart) {
  const { disabled } = useEditing();
  return (
    <Box>
      <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="48px" fontWeight="600">
        <input
          type="checkbox"
          checked={value === true}
          disabled={disabled}
          style={{ width: 24, height: 24 }}
          onChange={(event) => void put(event.target.checked ? true : field.optional ? null : false)}
        />
        {label}
      </chakra.label>
    </Box>
  );
}
