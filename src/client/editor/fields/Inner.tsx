"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { blankPart } from "@/core/yacht/draft/blank";
import { useEditing } from "../inputs/editing";
import type { FieldPart } from "./field-part";

/** A part within a part; one that is not there yet can be begun. */
export function Inner({ path, field, name, label, value, put, nested }: FieldPart) {
  const t = useTranslations("editor");
  const { file, collection, disabled } = useEditing();
  return (
    <chakra.fieldset
      borderLeftWidth="4px"
      borderLeftStyle="solid"
      borderColor="line"
      paddingLeft="3"
      display="grid"
      gap="2"
    >
      <chakra.legend fontWeight="700">{label}</chakra.legend>
      {value === null ? (
        <Button
          justifySelf="start"
          disabled={disabled}
          onClick={() => void put(blankPart(field.of ?? [], file, collection))}
          aria-label={t("one-more", { name })}
        >
          {t("begin")}
        </Button>
      ) : (
        nested(path, field.of ?? [])
      )}
    </chakra.fieldset>
  );
}
