"use client";
import { useTranslations } from "next-intl";
import { useEffect } from "react";
import { useForm, useWatch, type FieldErrors, type Path, type PathValue, type UseFormReturn } from "react-hook-form";
import type { AnswerOf, AnyEndpoint } from "@/api/endpoint";
import type { Asked } from "../api/call";
import { bodyChecks } from "../api/generated/body-checks";
import { useRequest } from "../api/useRequest";
import { faultSaid, fieldAt } from "./fault-words";

/** What is typed or chosen in a form, by the names that its fields have in the body. */
export type Typed<Name extends string> = Record<Name, string>;

interface Given<E extends AnyEndpoint, Name extends string> {
  /** each field with what it is called and what stands in it at first */
  fields: Record<Name, { label: string; typed?: string }>;
  /** what is asked of the base with what was typed */
  ask: (typed: Typed<Name>) => Asked<E>;
  /** what is said against a field before the base is asked, in words better than those of the schema */
  says?: (typed: Typed<Name>) => { [name in Name]?: string | null | false };
  /** what has to be at the base before the form is sent: pictures */
  before?: () => Promise<void>;
  onTaken?: (answer: AnswerOf<E>) => void;
  /** whether the fields are as they were at first again once the base has taken it */
  clears?: boolean;
}

export interface DeskForm<Name extends string> {
  form: UseFormReturn<Typed<Name>>;
  typed: Typed<Name>;
  labelOf: (name: Name) => string;
  set: (name: Name, value: string) => void;
  /** what is said against one field */
  faultAt: (name: Name) => string | null;
  /** what is said against the form as a whole */
  fault: string | null;
  /** everything that is wrong, field by field */
  faults: { name: Name; label: string; words: string }[];
  busy: boolean;
  submit: () => void;
}

/**
 * A form of the desk over an endpoint: what is typed is checked by the endpoint's own schema before it is sent, what is
 * wrong is said at its field and the first such field has the focus, whether the schema or the base says it.
 */
export function useDeskForm<E extends AnyEndpoint, Name extends string>(
  endpoint: E,
  { fields, ask, says, before, onTaken, clears = false }: Given<E, Name>,
): DeskForm<Name> {
  const t = useTranslations("form");
  const desk = useTranslations("desk");
  const names = Object.keys(fields) as Name[];
  const first = Object.fromEntries(names.map((name) => [name, fields[name].typed ?? ""])) as Typed<Name>;
  const sent = useRequest(names);
  const form = useForm<Typed<Name>>({
    defaultValues: first as never,
    resolver: async (typed) => {
      const own: { [name in Name]?: string | null | false } = says?.(typed) ?? {};
      const errors: Partial<Record<string, { type: string; message: string }>> = {};
      for (const name of names) {
        const words = own[name];
        if (words) errors[name] = { type: "own", message: words };
      }
      if (Object.keys(errors).length === 0) {
        const check = await bodyChecks[endpoint.name]?.();
        for (const fault of check?.faults((ask(typed) as { body?: unknown }).body) ?? []) {
          const name = fieldAt(fault, names);
          const { say, limit } = faultSaid(fault);
          // what is about no field is the base's to say
          if (name !== null) errors[name] ??= { type: fault.keyword, message: t(say, { limit }) };
        }
      }
      return Object.keys(errors).length > 0
        ? { values: {}, errors: errors as FieldErrors<Typed<Name>> }
        : { values: typed, errors: {} };
    },
  });
  const { errors, isSubmitting } = form.formState;
  const typed = { ...first, ...useWatch({ control: form.control }) } as Typed<Name>;
  const faultAt = (name: Name) =>
    (errors as Partial<Record<string, { message?: string }>>)[name]?.message ?? sent.faultAt(name);
  const refused = names.find((name) => sent.faultAt(name) !== null);
  const { setFocus } = form;
  useEffect(() => {
    if (refused !== undefined) setFocus(refused as unknown as Path<Typed<Name>>);
  }, [refused, setFocus]);
  return {
    form,
    typed,
    labelOf: (name) => fields[name].label,
    set: (name, value) =>
      form.setValue(name as unknown as Path<Typed<Name>>, value as PathValue<Typed<Name>, Path<Typed<Name>>>),
    faultAt,
    fault: sent.fault,
    faults: names.flatMap((name) => {
      const words = faultAt(name);
      return words === null ? [] : [{ name, label: fields[name].label, words }];
    }),
    busy: sent.busy || isSubmitting,
    submit: () =>
      void form.handleSubmit(async (values) => {
        try {
          await before?.();
        } catch {
          return sent.setFault(desk("no-signal"));
        }
        const answer = await sent.request(endpoint, ask(values));
        if (answer === null) return;
        if (clears) form.reset();
        onTaken?.(answer);
      })(),
  };
}
