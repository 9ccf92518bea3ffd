"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";

interface Props {
  label: string;
  value: string;
  error: string | null;
  disabled: boolean;
  long?: boolean;
  number?: boolean;
  onKeep: (text: string) => Promise<boolean>;
}

/** How many rows a text of so many letters is given: one while it fits, room to write on when it does not. */
const rowsFor = (letters: number): number => (letters <= 60 ? 1 : Math.min(6, Math.ceil(letters / 70) + 1));

/** A field that keeps what was typed when it is left. What was refused stays typed beside what stands there now. */
export function TextField({ label, value, error, disabled, long = false, number = false, onKeep }: Props) {
  const t = useTranslations("editor");
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const shown = typed ?? value;
  const keep = async () => {
    if (typed === null) return;
    if (typed.trim() === value) return setTyped(null);
    const kept = await onKeep(typed.trim());
    setWrong(!kept && number);
    if (kept) setTyped(null);
  };
  const keys = { onBlur: () => void keep(), disabled, value: shown };
  return (
    <Box>
      <Field label={label} error={error ?? (wrong ? t("number-wrong") : null)}>
        {(ids) =>
          // never one for the other while it is typed in: the cursor and what was typed would go with it
          long ? (
            <textarea
              {...ids}
              {...keys}
              rows={rowsFor(shown.length)}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={(event) => {
                if (event.key !== "Enter" || event.shiftKey) return;
                event.preventDefault();
                void keep();
              }}
            />
          ) : (
            <input
              {...ids}
              {...keys}
              inputMode={number ? "decimal" : undefined}
              onChange={(event) => setTyped(event.target.value)}
              onKeyDown={(event) => event.key === "Enter" && void keep()}
            />
          )
        }
      </Field>
      {typed !== null && typed !== value && error !== null && <p>{t("stands", { value })}</p>}
    </Box>
  );
}
