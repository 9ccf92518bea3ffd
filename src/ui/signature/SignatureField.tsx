"use client";
import { useEffect, useRef, useState } from "react";
import SignaturePad from "signature_pad";
import { Button } from "../Button";
import { Field } from "../Field";
import styles from "./SignatureField.module.css";

/** What somebody put on the glass: a drawing, or a typed name. */
export interface Signed {
  how: "drawn" | "typed";
  name: string;
  strokes: [number, number][][];
}

interface Props {
  title: string;
  name: string;
  words: { draw: string; type: string; clear: string; label: string; typedLabel: string; pad: string };
  error: string | null;
  onChange: (signed: Signed | null) => void;
}

/** A signature by hand on the glass, or the name typed by who cannot draw. */
export function SignatureField({ title, name, words, error, onChange }: Props) {
  const [how, setHow] = useState<"drawn" | "typed">("drawn");
  const [typed, setTyped] = useState("");
  const { canvas, wipe } = useSignaturePad(how === "drawn", (strokes) =>
    onChange(strokes.length > 0 ? { how: "drawn", name, strokes } : null),
  );
  const clear = () => {
    wipe();
    setTyped("");
    onChange(null);
  };
  const swap = () => {
    clear();
    setHow(how === "drawn" ? "typed" : "drawn");
  };
  return (
    <fieldset className={styles.field}>
      <legend>
        {title}: {name}
      </legend>
      {how === "drawn" ? (
        <canvas ref={canvas} className={styles.pad} role="img" aria-label={words.pad} />
      ) : (
        <Field label={words.typedLabel}>
          {(ids) => (
            <input
              {...ids}
              autoComplete="off"
              maxLength={120}
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value);
                onChange(
                  event.target.value.trim() === ""
                    ? null
                    : { how: "typed", name: event.target.value.trim(), strokes: [] },
                );
              }}
            />
          )}
        </Field>
      )}
      {error && (
        <p className={styles.error} role="alert">
          {error}
        </p>
      )}
      <div className={styles.buttons}>
        <Button look="quiet" onClick={clear}>
          {words.clear}
        </Button>
        <Button look="quiet" onClick={swap}>
          {how === "drawn" ? words.type : words.draw}
        </Button>
      </div>
    </fieldset>
  );
}

/** A pad to sign on with pen or finger, kept when the screen is turned. */
function useSignaturePad(isShown: boolean, onStrokes: (strokes: Signed["strokes"]) => void) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  useEffect(() => {
    const element = canvas.current;
    if (!isShown || !element) return;
    const fit = () => {
      const scale = Math.max(devicePixelRatio, 1);
      const kept = pad.current?.toData();
      element.width = element.offsetWidth * scale;
      element.height = element.offsetHeight * scale;
      element.getContext("2d")?.scale(scale, scale);
      pad.current?.clear();
      if (kept) pad.current?.fromData(kept);
    };
    pad.current = new SignaturePad(element, { penColor: "#10302b" });
    fit();
    const end = () => {
      const strokes = (pad.current?.toData() ?? []).map((group) =>
        group.points.map((point): [number, number] => [Math.round(point.x), Math.round(point.y)]),
      );
      onStrokes(strokes);
    };
    pad.current.addEventListener("endStroke", end);
    addEventListener("resize", fit);
    return () => {
      removeEventListener("resize", fit);
      pad.current?.off();
      pad.current = null;
    };
    // a new handler must not wipe what is drawn
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isShown]);
  return { canvas, wipe: () => pad.current?.clear() };
}
