"use client";
import { useEffect, useRef, type RefObject } from "react";

/**
 * Takes the person to the first field that something is said against, for forms whose rows come and go as they are
 * typed; a form with fields of its own has this from `useDeskForm`.
 *
 * @param fault changes with each refusal, null while nothing is wrong
 * @returns where the form's fields are
 */
export function useFocusFault<E extends HTMLElement = HTMLDivElement>(fault: unknown): RefObject<E | null> {
  const form = useRef<E>(null);
  useEffect(() => {
    if (fault !== null) form.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
  }, [fault]);
  return form;
}
