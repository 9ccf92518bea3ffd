"use client";
import type { KeyboardEvent, ReactNode } from "react";
import styles from "./Drills.module.css";

interface Props {
  isHeld: boolean;
  onPress: () => void;
  onRelease: () => void;
  /** how it is made, where that is drawn */
  look?: string | undefined;
  className?: string;
  children: ReactNode;
}

const isKey = ({ key }: KeyboardEvent) => key === " " || key === "Enter";

/** A button that acts for as long as it is held, by finger, mouse or keys. */
export function HeldButton({ isHeld, onPress, onRelease, look, className = "", children }: Props) {
  const letGo = () => isHeld && onRelease();
  return (
    <button
      type="button"
      className={`${styles.held} ${className}`}
      data-held={isHeld ? "" : undefined}
      data-look={look}
      aria-pressed={isHeld}
      onPointerDown={onPress}
      onPointerUp={onRelease}
      onPointerLeave={letGo}
      onPointerCancel={onRelease}
      onBlur={letGo}
      onKeyDown={(event) => {
        if (!isKey(event) || event.repeat) return;
        event.preventDefault();
        onPress();
      }}
      onKeyUp={(event) => isKey(event) && onRelease()}
      onContextMenu={(event) => event.preventDefault()}
    >
      {children}
    </button>
  );
}
