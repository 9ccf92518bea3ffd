"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { ReactNode } from "react";
import type { Path } from "react-hook-form";
import type { DeskForm, Typed } from "./useDeskForm";

interface Props<Name extends string> {
  form: DeskForm<Name>;
  /** what its button says */
  action: string;
  /** nothing has been typed yet that could be sent */
  disabled?: boolean;
  large?: boolean;
  /** stands beside the button */
  beside?: ReactNode;
  children: ReactNode;
}

/** A form of the desk: its fields, one list of what is wrong where it is more than one thing, and its button. Enter sends it. */
export function FormFrame<Name extends string>({
  form,
  action,
  disabled = false,
  large = false,
  beside,
  children,
}: Props<Name>) {
  return (
    <chakra.form
      noValidate
      method="post"
      display="grid"
      gap="3"
      width="100%"
      maxWidth="44rem"
      onSubmit={(event) => {
        event.preventDefault();
        form.submit();
      }}
    >
      {children}
      <FaultList form={form} />
      {form.fault && (
        <chakra.p role="alert" color="alarmInk" fontWeight="600">
          {form.fault}
        </chakra.p>
      )}
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button type="submit" variant="solid" size={large ? "lg" : "md"} disabled={disabled || form.busy}>
          {action}
        </Button>
        {beside}
      </Box>
    </chakra.form>
  );
}

/** Everything that is wrong in one place; each leads to its field. */
function FaultList<Name extends string>({ form }: { form: DeskForm<Name> }) {
  const t = useTranslations("form");
  if (form.faults.length < 2) return null;
  return (
    <Box
      role="group"
      aria-label={t("to-mend", { count: form.faults.length })}
      padding="3"
      background="alarmGround"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="alarm"
    >
      <strong>{t("to-mend", { count: form.faults.length })}</strong>
      <chakra.ul paddingLeft="5" listStyleType="square">
        {form.faults.map(({ name, label, words }) => (
          <li key={name}>
            <chakra.button
              type="button"
              textDecoration="underline"
              minHeight="32px"
              textAlign="left"
              background="none"
              border="0"
              color="alarmInk"
              cursor="pointer"
              onClick={() => form.form.setFocus(name as unknown as Path<Typed<Name>>)}
            >
              {label}: {words}
            </chakra.button>
          </li>
        ))}
      </chakra.ul>
    </Box>
  );
}
