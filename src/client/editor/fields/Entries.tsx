"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { blankPart } from "@/core/yacht/draft/blank";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { useEditing } from "../inputs/editing";
import { Sortable, SortableRow } from "../../desk/shared/Sortable";
import { EntryBox } from "./EntryBox";
import type { FieldPart } from "./field-part";

/** A list of parts or texts, in its own order: dragged, or moved by its buttons. */
export function Entries({ path, field, label, value, nested }: FieldPart) {
  const t = useTranslations("editor");
  const { file, collection, disabled, onChange } = useEditing();
  const list = (value as unknown[] | null) ?? [];
  const of: readonly FieldSpec[] = field.of ?? [];
  // one entry at a time is open: closed ones are low enough to be dragged past one another
  const [open, setOpen] = useState<number | null>(null);
  const add = () => {
    const entry = blankPart(of, file, collection);
    setOpen(list.length);
    // the first one begins the list, where there was none
    void onChange([list.length === 0 ? { path, to: [entry] } : { path: `${path}/${list.length}`, to: entry }]);
  };
  const remove = (index: number) => {
    // with its last entry goes a list that may be left out: none may be empty
    const isWhole = list.length === 1 && field.optional;
    void onChange([{ path: isWhole ? path : `${path}/${index}`, to: null }]);
  };
  const move = (from: number, to: number) => {
    setOpen(null);
    const next = [...list];
    const [entry] = next.splice(from, 1);
    next.splice(to, 0, entry);
    void onChange([{ path, to: next }]);
  };
  return (
    <chakra.fieldset
      borderLeftWidth="4px"
      borderLeftStyle="solid"
      borderColor="line"
      paddingLeft="3"
      display="grid"
      gap="3"
    >
      <chakra.legend fontWeight="700">{label}</chakra.legend>
      <Sortable ids={list.map((_, index) => String(index))} disabled={disabled} onMove={move}>
        {list.map((entry, index) => (
          <SortableRow key={index} id={String(index)} name={`${label} ${index + 1}`} disabled={disabled}>
            <EntryBox
              path={`${path}/${index}`}
              name={`${label} ${index + 1}`}
              entry={entry}
              index={index}
              count={list.length}
              of={of}
              isOpen={of.length === 0 || open === index}
              onOpen={() => setOpen(open === index ? null : index)}
              onMove={(to) => move(index, to)}
              onRemove={() => remove(index)}
              nested={nested}
            />
          </SortableRow>
        ))}
      </Sortable>
      <Button justifySelf="start" disabled={disabled} onClick={add}>
        {t("one-more", { name: label })}
      </Button>
    </chakra.fieldset>
  );
}
