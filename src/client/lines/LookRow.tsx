"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { LookLine, LookValue } from "@/core/handover/lines";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { useHandover, useLine } from "../store/handover-context";
import { Row } from "./Row";

const states: LookValue["state"][] = ["sound", "worn", "damaged"];

/** A part to be looked at; a mark on it is set on the plan. */
export function LookRow({ line, onMark }: { line: LookLine; onMark: (surface?: string) => void }) {
  const t = useTranslations();
  const store = useHandover();
  const { value } = useLine(line);
  return (
    <Row line={line} how={localize(line.how)}>
      {() => (
        <>
          <Choice
            label={localize(line.name)}
            options={states.map((state) => ({ value: state, word: t(`look.${state}`) }))}
            value={value?.state ?? null}
            onChoose={(state) => store.recordLine(line, { state })}
          />
          <Button onClick={() => onMark(line.surface)}>{t("look.set-mark")}</Button>
        </>
      )}
    </Row>
  );
}
