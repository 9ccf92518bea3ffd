"use client";
import { useEffect } from "react";

/** Ctrl Z takes the last change back and Ctrl Shift Z puts it there again, but in a field they are the field's own. */
export function useUndoKeys(undo: () => Promise<void>, redo: () => Promise<void>): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const isField = /^(INPUT|TEXTAREA)$/.test((event.target as HTMLElement).tagName);
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z" || isField) return;
      event.preventDefault();
      void (event.shiftKey ? redo() : undo());
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [undo, redo]);
}
