"use client";
import { makeYacht } from "@/api/yachts";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";

/** Makes a yacht out of her class, and goes on to her file. */
export function NewYacht({ classes }: { classes: readonly { slug: string; name: string }[] }) {
  const t = useTranslations("new-yacht");
  const router = useRouter();
  const [classSlug, setClassSlug] = useState(classes[0]?.slug ?? "");
  const [name, setName] = useState("");
  const [berth, setBerth] = useState("");
  const { fault, faultAt, setFault, busy, request } = useRequest(["name", "berth"]);
  const make = async () => {
    if (name.trim() === "") return setFault(t("missing"), "name");
    if (berth.trim() === "") return setFault(t("missing"), "berth");
    const made = await request(makeYacht, { body: { classSlug, name: name.trim(), berth: berth.trim() } });
    if (made) router.push(`/fleet/${made.slug}/edit`);
  };
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" maxWidth="44rem">
      <Box>
        <h1>{t("title")}</h1>
        <p>{t("words")}</p>
      </Box>
      <Choice
        label={t("class")}
        value={classSlug}
        options={classes.map((each) => ({ value: each.slug, word: each.name }))}
        onChoose={setClassSlug}
      />
      <Field label={t("name")} error={faultAt("name")}>
        {(ids) => (
          <input
            {...ids}
            maxLength={60}
            autoComplete="off"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        )}
      </Field>
      <Field label={t("berth")} error={faultAt("berth")}>
        {(ids) => (
          <input
            {...ids}
            maxLength={20}
            autoComplete="off"
            value={berth}
            onChange={(event) => setBerth(event.target.value)}
          />
        )}
      </Field>
      <Fault words={fault} />
      <Button variant="solid" size="lg" justifySelf="start" disabled={busy} onClick={() => void make()}>
        {t("make")}
      </Button>
    </chakra.main>
  );
}
