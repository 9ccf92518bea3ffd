"use client";
import { makeYacht } from "@/api/yachts";
import { Box, chakra } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { Segments } from "@/ui/kit/Segments";
import { Allowed } from "./shared/staff";
import { BeginClass } from "./BeginClass";
import { TakeClass } from "./TakeClass";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

type Classes = readonly { slug: string; name: string }[];

/** Makes a yacht out of her class, and goes on to her file; a base that has no class takes one in first. */
export function NewYacht({ classes }: { classes: Classes }) {
  const t = useTranslations("new-yacht");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" maxWidth="44rem">
      <Box>
        <h1>{t("title")}</h1>
        <p>{t("words")}</p>
      </Box>
      {classes.length === 0 ? <p>{t("no-class")}</p> : <MakeYacht key={classes.length} classes={classes} />}
      <Allowed action="edit-file" quiet>
        <Box display="grid" gap="3" borderTopWidth="2px" borderTopStyle="solid" borderColor="line" paddingTop="4">
          <h2>{t("new-class")}</h2>
          <BeginClass />
          <TakeClass />
        </Box>
      </Allowed>
    </chakra.main>
  );
}

function MakeYacht({ classes }: { classes: Classes }) {
  const t = useTranslations("new-yacht");
  const router = useRouter();
  const form = useDeskForm(makeYacht, {
    fields: {
      classSlug: { label: t("class"), typed: classes[0]?.slug ?? "" },
      name: { label: t("name") },
      berth: { label: t("berth") },
    },
    ask: ({ classSlug, name, berth }) => ({ body: { classSlug, name: name.trim(), berth: berth.trim() } }),
    onTaken: ({ slug }) => router.push(`/fleet/${slug}/edit`),
  });
  return (
    <FormFrame form={form} action={t("make")} large>
      <Segments
        label={form.labelOf("classSlug")}
        value={form.typed.classSlug}
        options={classes.map((each) => ({ value: each.slug, word: each.name }))}
        onChoose={(slug) => form.set("classSlug", slug)}
      />
      <FormInput form={form} name="name" maxLength={60} />
      <FormInput form={form} name="berth" maxLength={20} />
    </FormFrame>
  );
}
