"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { LogFilter } from "@/api/log";
import { Field } from "@/ui/Field";

interface Props {
  filter: LogFilter;
  people: readonly { id: string; name: string }[];
  yachts: readonly { slug: string; name: string }[];
}

/** What the log is narrowed to: a form that leads to the page's own address. */
export function LogAsked({ filter, people, yachts }: Props) {
  const t = useTranslations("log");
  const choose = (name: "yacht" | "person", options: readonly { value: string; word: string }[]) => (
    <Field label={t(name)}>
      {(ids) => (
        <select {...ids} name={name} defaultValue={filter[name] ?? ""}>
          <option value="">{t("all")}</option>
          {options.map(({ value, word }) => (
            <option key={value} value={value}>
              {word}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
  return (
    <chakra.form action="/log" display="flex" flexWrap="wrap" gap="3" alignItems="end">
      {choose(
        "person",
        people.map(({ id, name }) => ({ value: id, word: name })),
      )}
      {choose(
        "yacht",
        yachts.map(({ slug, name }) => ({ value: slug, word: name })),
      )}
      <Field label={t("charter")}>
        {(ids) => <input {...ids} name="charter" size={8} maxLength={40} defaultValue={filter.charter ?? ""} />}
      </Field>
      {(["from", "to"] as const).map((day) => (
        <Field key={day} label={t(day)}>
          {(ids) => <input {...ids} type="date" name={day} defaultValue={filter[day] ?? ""} />}
        </Field>
      ))}
      <Button type="submit" variant="solid">
        {t("show")}
      </Button>
    </chakra.form>
  );
}
