"use client";
import { useTranslations } from "next-intl";
import { useState, type KeyboardEvent } from "react";
import { v7 as uuid } from "uuid";
import { localize } from "@/core/basics/words";
import { markKinds, type MarkKind } from "@/core/handover/lines/mark-form";
import { newMarks } from "@/core/handover/state";
import { centreOf } from "@/core/plan/outline";
import { isMirrored } from "@/core/plan/profile";
import { surfaces, type Point, type Surface } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { ProfileView } from "@/ui/plan/ProfileView";
import { Sheet } from "@/ui/Sheet";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import type { ReadyPhoto } from "../store/ready-photo";
import { useHandover } from "../store/handover-context";
import styles from "./MarkSheet.module.css";

const stepM = 0.1;

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
  const [at, setAt] = useState<Point>(() => startAt(surface));
  const [kind, setKind] = useState<MarkKind | null>(null);
  const [size, setSize] = useState("");
  const [words, setWords] = useState("");
  const [photo, setPhoto] = useState<ReadyPhoto | null>(null);
  const [fault, setFault] = useState<"too-large" | "no-photo" | null>(null);
  const [tried, setTried] = useState(false);

  function startAt(which: Surface): Point {
    if (which === "deck" || which === "below")
      return here ? centreOf(here.outline as Point[]) : [file.particulars.lengthM / 2, 0];
    return which === "stern" || which === "bow" ? [0, 0.6] : [file.particulars.lengthM * 0.3, 0.7];
  }
  const choose = (which: Surface) => {
    setSurface(which);
    setAt(startAt(which));
  };
  const isFlat = surface === "deck" || surface === "below";
  const move = (event: KeyboardEvent) => {
    const steps: Record<string, Point> = isFlat
      ? { ArrowUp: [-stepM, 0], ArrowDown: [stepM, 0], ArrowLeft: [0, -stepM], ArrowRight: [0, stepM] }
      : {
          ArrowUp: [0, stepM],
          ArrowDown: [0, -stepM],
          ArrowLeft: [isMirrored(surface) ? stepM : -stepM, 0],
          ArrowRight: [isMirrored(surface) ? -stepM : stepM, 0],
        };
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    setAt(([a, b]) => [Math.round((a + step[0]) * 100) / 100, Math.round((b + step[1]) * 100) / 100]);
  };
  const sizeMm = Number(size.replace(",", ".")) * 10;
  const sizeWrong = !Number.isFinite(sizeMm) || sizeMm < 1 || sizeMm > 20_000;
  const wearBelowMm = list.rules?.markFromMm ?? 0;
  const isWear = !sizeWrong && size.trim() !== "" && sizeMm < wearBelowMm;
  const keep = async () => {
    setTried(true);
    if (!kind || sizeWrong || size.trim() === "" || isWear) return;
    const subject = `mark:${uuid()}`;
    store.record(subject, "mark", {
      place,
      surface,
      kind,
      sizeMm: Math.round(sizeMm),
      aM: at[0],
      bM: at[1],
      words: words.trim(),
    });
    if (photo) await store.attachPhoto(subject, photo);
    onClose();
  };
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    const { readyPhoto, PhotoError } = await import("../photos/re-encode");
    try {
      setPhoto(await readyPhoto(chosen, "file"));
      setFault(null);
    } catch (error) {
      if (!(error instanceof PhotoError)) throw error;
      setPhoto(null);
      setFault(error.reason);
    }
  };
  const points = [
    ...list.lines.flatMap((line) =>
      line.kind === "mark" && line.mark.surface === surface
        ? [{ id: line.id, at: [line.mark.aM, line.mark.bM] as Point, fresh: false }]
        : [],
    ),
    ...newMarks(store.folded()).flatMap(({ id, mark }) =>
      mark.surface === surface ? [{ id, at: [mark.aM, mark.bM] as Point, fresh: true }] : [],
    ),
  ];
  const title = t("plan.surface", { yacht: list.yacht.name, surface: t(`surface.${surface}`) });
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
            onChoose={choose}
          />
          <div
            className={styles.drawing}
            tabIndex={0}
            role="application"
            aria-label={t("mark.drawing", { a: at[0], b: at[1] })}
            onKeyDown={move}
          >
            {isFlat ? (
              <YachtPlan
                file={file}
                level={surface}
                words={{ port: t("plan.port"), starboard: t("plan.starboard"), title, place: (id) => id }}
                points={points}
                aim={at}
                onAim={setAt}
                current={place}
              />
            ) : (
              <ProfileView
                particulars={file.particulars}
                surface={surface}
                title={title}
                words={{
                  bow: t("plan.bow"),
                  stern: t("plan.stern"),
                  waterline: t("plan.waterline"),
                  port: t("plan.port"),
                  starboard: t("plan.starboard"),
                }}
                points={points}
                aim={at}
                onAim={setAt}
              />
            )}
          </div>
          <p className={styles.hint}>{t("mark.hint")}</p>
        </div>
        <div className={styles.what}>
          <h3>{t("mark.what")}</h3>
          <Choice
            label={t("mark.what")}
            options={markKinds.map((each) => ({ value: each, word: t(`mark-kind.${each}`) }))}
            value={kind}
            onChoose={setKind}
          />
          {tried && !kind && (
            <p className={styles.error} role="alert">
              {t("mark.kind-missing")}
            </p>
          )}
          <Field
            label={t("mark.length")}
            error={
              tried && (sizeWrong || size.trim() === "")
                ? t("mark.length-wrong")
                : isWear
                  ? t("mark.wear", { mm: wearBelowMm })
                  : null
            }
          >
            {(ids) => (
              <input
                {...ids}
                inputMode="decimal"
                autoComplete="off"
                value={size}
                onChange={(event) => setSize(event.target.value)}
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
                onChange={(event) => setWords(event.target.value)}
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
                onChange={(event) => void take(event.target.files?.[0])}
              />
            )}
          </Field>
        </div>
      </div>
    </Sheet>
  );
}
