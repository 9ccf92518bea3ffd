"use client";
import { Minus, Plus } from "lucide-react";
import { useTranslations } from "next-intl";
import { useId, useState } from "react";
import type { Field, Known } from "@/core/underway/known";
import { Button } from "@/ui/Button";
import styles from "./Planner.module.css";
import { useSourceWords } from "./SourceWords";
import { useShown } from "./units";

interface Props {
  label: string;
  field: Field;
  figure: Known | null;
  now: string;
  /** what it is where nobody knows it, for the slider to begin at */
  begins: number;
  onChange: (value: number) => void;
  /** null where nobody corrected it */
  onTakeBack: (() => void) | null;
  /** added to what is typed: an instrument that counts from the keel */
  addedM?: number;
  hint?: string;
  /** in place of the figure with its unit */
  words?: string | undefined;
}

/** One figure with where it comes from; opened, it is dragged or stepped, and the picture follows. */
export function FigureRow({ label, field, figure, now, begins, onChange, onTakeBack, addedM = 0, hint, words }: Props) {
  const t = useTranslations("planner");
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  const shown = useShown()(field.unit);
  const source = useSourceWords(now);
  const digits = shown.digits(field.step);
  const value = figure?.value ?? null;
  return (
    <li className={styles.figure}>
      <button type="button" aria-expanded={isOpen} aria-controls={id} onClick={() => setOpen(!isOpen)}>
        <span>{label}</span>
        <strong className={value === null ? styles.asked : undefined}>
          {value === null ? t("asked") : (words ?? shown.words(value - addedM, digits))}
        </strong>
        <small>{figure ? source(figure.source) : t("nobody-knows")}</small>
      </button>
      {isOpen && (
        <div id={id} className={styles.correct}>
          {hint && <p>{hint}</p>}
          <Slider label={label} field={field} value={value} begins={begins} addedM={addedM} onChange={onChange} />
          {onTakeBack && (
            <Button look="quiet" onClick={onTakeBack}>
              {t("take-back")}
            </Button>
          )}
        </div>
      )}
    </li>
  );
}

/** Drags a figure, steps it by a tap, or types it; while nobody knows it, it begins somewhere and is typed from blank. */
export function Slider({
  label,
  field: { unit, least, most, step },
  value,
  begins = least,
  addedM = 0,
  onChange,
}: Pick<Props, "label" | "field" | "addedM" | "onChange"> & { value: number | null; begins?: number }) {
  const t = useTranslations("planner");
  const shown = useShown()(unit);
  const [draft, setDraft] = useState<string | null>(null);
  const digits = shown.digits(step);
  const at = value ?? begins;
  const set = (next: number) => {
    setDraft(null);
    const held = Math.min(most, Math.max(least, Math.round(next / step) * step));
    onChange(Number(held.toFixed(4)));
  };
  return (
    <div className={styles.slider}>
      <Button aria-label={t("less", { what: label })} onClick={() => set(at - step)}>
        <Minus aria-hidden="true" size={20} />
      </Button>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={shown.words(at - addedM, digits)}
        min={least}
        max={most}
        step={step}
        value={at}
        onChange={({ target }) => set(Number(target.value))}
      />
      <Button aria-label={t("more", { what: label })} onClick={() => set(at + step)}>
        <Plus aria-hidden="true" size={20} />
      </Button>
      <input
        type="text"
        inputMode="decimal"
        autoComplete="off"
        aria-label={t("typed", { what: label })}
        // what is being typed stands as it is typed: a lone nought is the beginning of a half
        value={draft ?? (value === null ? "" : shown.to(value - addedM).toFixed(digits))}
        onChange={({ target }) => {
          setDraft(target.value);
          const typed = shown.from(Number(target.value.trim().replace(",", "."))) + addedM;
          if (target.value.trim() !== "" && typed >= least && typed <= most) onChange(typed);
        }}
        onBlur={() => setDraft(null)}
      />
    </div>
  );
}
