"use client";
import { useTranslations } from "next-intl";
import { beginClass } from "@/api/yachts";
import { templates, type Template } from "@/core/yacht/templates";
import { Segments } from "@/ui/kit/Segments";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** Begins a class from a template that ships with Brinecove. */
export function BeginClass() {
  const t = useTranslations("new-yacht");
  const form = useDeskForm(beginClass, {
    fields: { template: { label: t("template"), typed: templates[0] }, name: { label: t("class-name") } },
    ask: ({ template, name }) => ({ body: { template: template as Template, name: name.trim() } }),
    clears: true,
  });
  const chosen = form.typed.template as Template;
  return (
    <FormFrame form={form} action={t("begin-class")}>
      <Segments
        label={form.labelOf("template")}
        value={chosen}
        options={templates.map((value) => ({ value, word: t(`template-${value}`) }))}
        onChoose={(value) => form.set("template", value)}
      />
      <p>{t(`template-${chosen}-words`)}</p>
      <FormInput form={form} name="name" maxLength={60} />
    </FormFrame>
  );
}
