"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { newPart, type NewThing } from "@/core/yacht/note/propose";
import type { YachtFile } from "@/core/yacht/schema";
import { ThingKind } from "../notes/ThingKind";
import { NewNamed } from "./NewNamed";
import type { Wanted } from "./inputs/useDraft";

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
  const t = useTranslations();
  const [kind, setKind] = useState("");
  const make = async (name: string) => {
    const { path, to } = newPart(
      file,
      { name, thing: kind === "" ? null : (kind as NewThing["thing"]), count: 1, where: "", how: "", photos: [] },
      place,
      today,
    );
    const isMade = await onChange([{ path, to }]);
    if (isMade) onMade(path);
    return isMade;
  };
  return (
    <NewNamed title={t("editor.new-here")} label={t("survey.name")} onMake={make}>
      <ThingKind value={kind} onChange={setKind} />
    </NewNamed>
  );
}
