"use client";
import { useEffect, useId, useRef, type ReactNode } from "react";
import { Button } from "./Button";
import styles from "./Sheet.module.css";

interface Props {
  title: string;
  closeWord: string;
  onClose: () => void;
  children: ReactNode;
  foot?: ReactNode;
  /** comes from below and leaves what it is about in sight, instead of covering the screen */
  low?: boolean;
}

/** A sheet over the screen: the browser's own dialog, which keeps the focus inside and closes with Escape. */
export function Sheet({ title, closeWord, onClose, children, foot, low = false }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const heading = useId();
  useEffect(() => {
    dialog.current?.showModal();
    // the browser puts the focus on the first button: where one types is what the sheet is opened for
    dialog.current?.querySelector<HTMLElement>("[data-autofocus]")?.focus();
  }, []);
  return (
    <dialog
      ref={dialog}
      className={`${styles.sheet} ${low ? styles.low : ""}`}
      aria-labelledby={heading}
      onClose={onClose}
    >
      <div className={styles.head}>
        <h2 id={heading}>{title}</h2>
        <Button onClick={() => dialog.current?.close()}>{closeWord}</Button>
      </div>
      <div className={styles.body}>{children}</div>
      {foot && <div className={styles.foot}>{foot}</div>}
    </dialog>
  );
}
