"use client";
import { useId, type ReactNode } from "react";

interface Props {
  /** what the button says */
  children: ReactNode;
  /** what it is about, for who does not see the screen */
  of: string;
  className?: string;
  /** opens the camera instead of the gallery */
  camera?: boolean;
  onTake: (file: File) => void;
}

/** A button that takes a picture or chooses one. */
export function PhotoInput({ children, of, className, camera = false, onTake }: Props) {
  const id = useId();
  return (
    <label htmlFor={id} className={className}>
      {children}
      {of !== "" && <span className="visually-hidden">: {of}</span>}
      <input
        id={id}
        className="visually-hidden"
        type="file"
        accept="image/*"
        capture={camera ? "environment" : undefined}
        onChange={({ target: { files } }) => files?.[0] && onTake(files[0])}
      />
    </label>
  );
}
