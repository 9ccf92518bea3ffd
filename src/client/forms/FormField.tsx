"use client";
import type { InputHTMLAttributes, ReactNode, TextareaHTMLAttributes } from "react";
import type { Path } from "react-hook-form";
import { Field } from "@/ui/Field";
import type { DeskForm, Typed } from "./useDeskForm";

type Given<Name extends string> = { form: DeskForm<Name>; name: Name; hint?: string };
const pathOf = <Name extends string>(name: Name) => name as unknown as Path<Typed<Name>>;

/** A field that is typed in, with what is wrong with it. */
export function FormInput<Name extends string>({
  form,
  name,
  hint,
  ...input
}: Given<Name> & Omit<InputHTMLAttributes<HTMLInputElement>, "form" | "name">) {
  return (
    <Field label={form.labelOf(name)} hint={hint} error={form.faultAt(name)}>
      {(ids) => <input autoComplete="off" {...input} {...ids} {...form.form.register(pathOf(name))} />}
    </Field>
  );
}

/** A field for several lines. */
export function FormText<Name extends string>({
  form,
  name,
  hint,
  ...text
}: Given<Name> & Omit<TextareaHTMLAttributes<HTMLTextAreaElement>, "form" | "name">) {
  return (
    <Field label={form.labelOf(name)} hint={hint} error={form.faultAt(name)}>
      {(ids) => <textarea {...text} {...ids} {...form.form.register(pathOf(name))} />}
    </Field>
  );
}

/** A field in which one of some is chosen. */
export function FormSelect<Name extends string>({
  form,
  name,
  hint,
  disabled,
  autoFocus,
  children,
}: Given<Name> & { disabled?: boolean; autoFocus?: boolean; children: ReactNode }) {
  return (
    <Field label={form.labelOf(name)} hint={hint} error={form.faultAt(name)}>
      {(ids) => (
        <select {...ids} {...form.form.register(pathOf(name))} disabled={disabled} autoFocus={autoFocus}>
          {children}
        </select>
      )}
    </Field>
  );
}
