"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FieldSpec } from "@/core/yacht/draft/fields";
import { fillFigures } from "@/core/yacht/figures";
import { valueText } from "@/messages/change-words";
import { useEditing } from "../inputs/editing";
import { FieldFindings } from "../inputs/FieldFindings";
import styles from "../inputs/Editor.module.css";
import type { FieldPart } from "./field-part";

interface Props {
  path: string;
  name: string;
  entry: unknown;
  index: number;
  count: number;
  /** fields of the entry; none where it is a text by itself */
  of: readonly FieldSpec[];
  isOpen: boolean;
  onOpen: () => void;
  onMove: (to: number) => void;
  onRemove: () => void;
  nested: FieldPart["nested"];
}

/** One entry of a list: its words while it is closed, its fields while it is open, and its place among the others. */
export function EntryBox({ path, name, entry, index, count, of, isOpen, onOpen, onMove, onRemove, nested }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const { file, findings, disabled } = useEditing();
  const words = fillFigures(valueText(all, entry), file).slice(0, 90);
  const isText = of.length === 0;
  return (
    <Box
      flex="1"
      minWidth="0"
      display="grid"
      gap="2"
      borderBottomWidth="1px"
      borderBottomStyle="solid"
      borderColor="line"
      paddingBottom="2"
    >
      <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
        <strong>{index + 1}</strong>
        {!isText && (
          <button
            type="button"
            className={styles.entry}
            aria-expanded={isOpen}
            aria-label={t("entry", { name, words })}
            onClick={onOpen}
          >
            {isOpen ? "▾" : "▸"} {words}
          </button>
        )}
        <Button disabled={disabled || index === 0} onClick={() => onMove(index - 1)} aria-label={t("up", { name })}>
          ↑
        </Button>
        <Button
          disabled={disabled || index === count - 1}
          onClick={() => onMove(index + 1)}
          aria-label={t("down", { name })}
        >
          ↓
        </Button>
        <Button disabled={disabled} onClick={onRemove} aria-label={t("take-out-of", { name })}>
          {t("take-out")}
        </Button>
      </Box>
      <FieldFindings
        findings={findings.filter(
          (finding) => (!isOpen && finding.path.startsWith(`${path}/`)) || finding.path === path,
        )}
      />
      {isOpen && !isText && nested(path, of)}
      {isOpen &&
        isText &&
        nested(path.slice(0, path.lastIndexOf("/")), [{ name: String(index), kind: "words", optional: false }])}
    </Box>
  );
}
