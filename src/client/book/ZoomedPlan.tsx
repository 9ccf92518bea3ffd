"use client";
import { useTranslations } from "next-intl";
import type { KeyboardEvent, ReactNode } from "react";
import { TransformComponent, TransformWrapper, useControls } from "react-zoom-pan-pinch";
import styles from "./Book.module.css";

/** A plan that is made larger and moved by touch, wheel, buttons and keys. */
export function ZoomedPlan({ children }: { children: ReactNode }) {
  return (
    <div className={styles.zoomed}>
      <TransformWrapper minScale={1} maxScale={6} doubleClick={{ disabled: true }} wheel={{ step: 0.2 }}>
        <TransformComponent wrapperClass={styles.drawing} contentClass={styles.drawn}>
          {children}
        </TransformComponent>
        <Controls />
      </TransformWrapper>
    </div>
  );
}

function Controls() {
  const t = useTranslations("plan");
  const { zoomIn, zoomOut, resetTransform } = useControls();
  const keys = (event: KeyboardEvent) => {
    if (event.key === "+" || event.key === "=") zoomIn(0.5);
    else if (event.key === "-") zoomOut(0.5);
    else if (event.key === "0") resetTransform();
  };
  return (
    <div className={styles.zoom} role="group" aria-label={t("size")} onKeyDown={keys}>
      <button type="button" aria-label={t("larger")} onClick={() => zoomIn(0.5)}>
        +
      </button>
      <button type="button" aria-label={t("smaller")} onClick={() => zoomOut(0.5)}>
        −
      </button>
      <button type="button" onClick={() => resetTransform()}>
        {t("whole")}
      </button>
    </div>
  );
}
