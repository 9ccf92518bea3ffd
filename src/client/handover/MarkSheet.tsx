"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { localize } from "@/core/basics/words";
import { markKinds, type MarkKind } from "@/core/handover/lines/mark-form";
import { surfaces, type Point, type Surface } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { useReadyPhoto } from "../photos/useReadyPhoto";
import type { ReadyPhoto } from "../store/ready-photo";
import { useHandover } from "../store/handover-context";
import { startAt } from "./mark-place";
import { MarkDrawing } from "./MarkDrawing";
import styles from "./MarkSheet.module.css";

const longestMm = 20_000;

/** What is typed about a mark. */
interface Typed {
  kind: MarkKind | null;
  centimetres: string;
  words: string;
  photo: ReadyPhoto | null;
}

/** The length that was typed, in millimetres; null where it is none that a mark can have. */
function sizeOf({ centimetres }: Typed): number | null {
  const sizeMm = Number(centimetres.replace(",", ".")) * 10;
  return centimetres.trim() !== "" && sizeMm >= 1 && sizeMm <= longestMm ? Math.round(sizeMm) : null;
}

/** Setting a mark: where it is, by tap or by arrow keys, what it is, how long, and a photo. */
export function MarkSheet({
  place,
  surface: asked,
  onClose,
}: {
  place: string;
  surface?: string;
  onClose: () => void;
}) {
  const t = useTranslations();
  const store = useHandover();
  const { list, file } = store.bundle;
  const here = file.places[place];
  const [surface, setSurface] = useState<Surface>(surfaces.find((each) => each === asked) ?? here?.level ?? "deck");
  const [at, setAt] = useState<Point>(() => startAt(file, place, surface));
  const [typed, setTyped] = useState<Typed>({ kind: null, centimetres: "", words: "", photo: null });
  const [tried, setTried] = useState(false);
  const wearBelowMm = list.rules?.markFromMm ?? 0;
  const keep = async () => {
    setTried(true);
    const { kind, words, photo } = typed;
    const sizeMm = sizeOf(typed);
    if (!kind || sizeMm === null || sizeMm < wearBelowMm) return;
    const subject = `mark:${uuid()}`;
    store.record(subject, "mark", { place, surface, kind, sizeMm, aM: at[0], bM: at[1], words: words.trim() });
    if (photo) await store.attachPhoto(subject, photo);
    onClose();
  };
  return (
    <Sheet
      title={t("mark.title", { place: here ? localize(here.name) : place })}
      closeWord={t("common.close")}
      onClose={onClose}
      foot={
        <Button look="main" large onClick={() => void keep()}>
          {t("mark.keep")}
        </Button>
      }
    >
      <div className={styles.grid}>
        <div className={styles.where}>
          <Choice
            label={t("mark.view")}
            options={surfaces.map((each) => ({ value: each, word: t(`surface.${each}`) }))}
            value={surface}
            onChoose={(which) => {
              setSurface(which);
              setAt(startAt(file, place, which));
            }}
          />
          <MarkDrawing place={place} surface={surface} at={at} onAim={setAt} />
          <p className={styles.hint}>{t("mark.hint")}</p>
        </div>
        <WhatItIs
          typed={typed}
          tried={tried}
          wearBelowMm={wearBelowMm}
          onType={(part) => setTyped((now) => ({ ...now, ...part }))}
        />
      </div>
    </Sheet>
  );
}

/** What kind of mark it is, how long, in whose words, and its photo. */
function WhatItIs({
  typed,
  tried,
  wearBelowMm,
  onType,
}: {
  typed: Typed;
  tried: boolean;
  wearBelowMm: number;
  onType: (part: Partial<Typed>) => void;
}) {
  const t = useTranslations();
  const { fault, ready } = useReadyPhoto();
  const { kind, centimetres, words, photo } = typed;
  const sizeMm = sizeOf(typed);
  const isWear = sizeMm !== null && sizeMm < wearBelowMm;
  return (
    <div className={styles.what}>
      <h3>{t("mark.what")}</h3>
      <Choice
        label={t("mark.what")}
        options={markKinds.map((each) => ({ value: each, word: t(`mark-kind.${each}`) }))}
        value={kind}
        onChoose={(chosen) => onType({ kind: chosen })}
      />
      {tried && !kind && (
        <p className={styles.error} role="alert">
          {t("mark.kind-missing")}
        </p>
      )}
      <Field
        label={t("mark.length")}
        error={tried && sizeMm === null ? t("mark.length-wrong") : isWear ? t("mark.wear", { mm: wearBelowMm }) : null}
      >
        {(ids) => (
          <input
            {...ids}
            inputMode="decimal"
            autoComplete="off"
            value={centimetres}
            onChange={(event) => onType({ centimetres: event.target.value })}
          />
        )}
      </Field>
      <Field label={t("mark.words")}>
        {(ids) => (
          <input
            {...ids}
            maxLength={500}
            autoComplete="off"
            value={words}
            onChange={(event) => onType({ words: event.target.value })}
          />
        )}
      </Field>
      <Field
        label={t("mark.photo")}
        hint={photo ? t("photo.ready", { kb: Math.round(photo.bytes.size / 1000) }) : t("photo.hint")}
        error={fault ? t(`photo.${fault}`) : null}
      >
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept="image/*"
            capture="environment"
            onChange={async ({ target: { files } }) => files?.[0] && onType({ photo: await ready(files[0], "file") })}
          />
        )}
      </Field>
    </div>
  );
}
