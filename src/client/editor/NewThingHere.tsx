"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { newPart, type NewThing } from "@/core/yacht/note/propose";
import { fittingKinds } from "@/core/yacht/parts/fittings";
import type { YachtFile } from "@/core/yacht/schema";
import { Field } from "@/ui/Field";
import type { Wanted } from "./useDraft";

interface Props {
  file: YachtFile;
  place: string;
  today: string;
  onChange: (wanted: Wanted[]) => Promise<boolean>;
  /** shows the part that was made */
  onMade: (path: string) => void;
}

/** A new fitting or a new thing stowed at the place that is shown. */
export function NewThingHere({ file, place, today, onChange, onMade }: Props) {
  const t = useTranslations("editor");
  const all = useTranslations();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [kind, setKind] = useState("");
  const [wrong, setWrong] = useState(false);
  const make = async () => {
    if (name.trim() === "") return setWrong(true);
    const made = newPart(file, { name, thing: kind === "" ? null : (kind as NewThing["thing"]), count: 1, where: "", how: "", photos: [] }, place, today);
    if (await onChange([{ path: made.path, to: made.to }])) onMade(made.path);
  };
  if (!open) return <Button justifySelf="start" onClick={() => setOpen(true)}>{t("new-here")}</Button>;
  return (
    <Box display="grid" gap="3" borderWidth="2px" borderStyle="solid" borderColor="kelp" padding="4" role="group" aria-label={t("new-here")}>
      <Field label={all("survey.name")} error={wrong ? all("survey.say-name") : null}>
        {(ids) => <input {...ids} autoFocus maxLength={200} value={name} onChange={(event) => setName(event.target.value)} onKeyDown={(event) => event.key === "Enter" && void make()} />}
      </Field>
      <Field label={all("survey.thing")}>
        {(ids) => (
          <select {...ids} value={kind} onChange={(event) => setKind(event.target.value)}>
            <option value="">{all("survey.stowed")}</option>
            {fittingKinds.map((each) => (
              <option key={each} value={each}>
                {all(`fitting-kind.${each}`)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Box display="flex" gap="3">
        <Button variant="solid" onClick={() => void make()}>
          {all("survey.keep")}
        </Button>
        <Button onClick={() => setOpen(false)}>{all("common.back")}</Button>
      </Box>
    </Box>
  );
}
