"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { blankDay } from "@/core/yacht/parts/blank";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import type { Wanted } from "./inputs/useDraft";

/** One day for everything stowed whose day nobody has told: most of it came with her. */
export function BoughtOnForAll({
  file: { inventory },
  onChange,
}: {
  file: YachtFile;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
}) {
  const t = useTranslations("editor");
  const [day, setDay] = useState("");
  const untold = Object.entries(inventory).filter(([, { boughtOn }]) => boughtOn === blankDay);
  if (untold.length < 2) return null;
  const put = () => onChange(untold.map(([key]) => ({ path: `/inventory/${key}/boughtOn`, to: day })));
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="end">
      <Field label={t("bought-all")} hint={t("bought-all-words")}>
        {(ids) => <input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
      </Field>
      <Button disabled={day === ""} onClick={() => void put()}>
        {t("bought-all-do")}
      </Button>
    </Box>
  );
}
