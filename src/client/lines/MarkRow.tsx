"use client";
import { useTranslations } from "next-intl";
import type { MarkLine, MarkStateValue } from "@/core/handover/lines";
import { markWords } from "@/messages/line-words";
import { Choice } from "@/ui/Choice";
import { useHandover, useLine } from "../store/handover-context";
import { Photo } from "../photos/Photo";
import { Row } from "./Row";
import styles from "./Row.module.css";

const states: MarkStateValue["state"][] = ["still-so", "worse", "mended"];

/** A mark known from before, to be confirmed: nobody is blamed for an old one. */
export function MarkRow({ line }: { line: MarkLine }) {
  const t = useTranslations();
  const store = useHandover();
  const { value } = useLine(line);
  return (
    <Row
      line={{ ...line, name: { en: t("mark.known", { mark: markWords(t, line.mark) }) } }}
      how={t("mark.where", { surface: t(`surface.${line.mark.surface}`) })}
    >
      {() => (
        <>
          {line.photos.length > 0 && (
            <div className={styles.photos}>
              {line.photos.map((hash) => (
                <Photo key={hash} hash={hash} alt={t("photo.before", { name: markWords(t, line.mark) })} />
              ))}
            </div>
          )}
          <Choice
            label={markWords(t, line.mark)}
            options={states.map((state) => ({ value: state, word: t(`mark-state.${state}`) }))}
            value={value?.state ?? null}
            onChoose={(state) => store.recordLine(line, { state })}
          />
        </>
      )}
    </Row>
  );
}
