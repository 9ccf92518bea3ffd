"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import { Field } from "@/ui/Field";

interface Props {
  /** what the button says that opens the form */
  title: string;
  label: string;
  /** makes it; says whether it was made */
  onMake: (name: string) => Promise<boolean>;
  /** what else is asked */
  children: ReactNode;
}

/** A button that opens a small form for something new: its name, and what else is asked. */
export function NewNamed({ title, label, onMake, children }: Props) {
  const t = useTranslations();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [wrong, setWrong] = useState(false);
  const make = async () => {
    if (name.trim() === "") return setWrong(true);
    if (!(await onMake(name.trim()))) return;
    setOpen(false);
    setName("");
    setWrong(false);
  };
  if (!open) {
    return (
      <Button justifySelf="start" onClick={() => setOpen(true)}>
        {title}
      </Button>
    );
  }
  return (
    <Box
      display="grid"
      gap="3"
      borderWidth="2px"
      borderStyle="solid"
      borderColor="kelp"
      padding="4"
      role="group"
      aria-label={title}
    >
      {children}
      <Field label={label} error={wrong ? t("survey.say-name") : null}>
        {(ids) => (
          <input
            {...ids}
            autoFocus
            maxLength={120}
            value={name}
            onChange={(event) => setName(event.target.value)}
            onKeyDown={(event) => event.key === "Enter" && void make()}
          />
        )}
      </Field>
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={() => void make()}>
          {t("survey.keep")}
        </Button>
        <Button onClick={() => setOpen(false)}>{t("common.back")}</Button>
      </Box>
    </Box>
  );
}
