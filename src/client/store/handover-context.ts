import { createContext, useCallback, useContext, useSyncExternalStore } from "react";
import type { Cell } from "@/core/handover/fold";
import { kindOf, lineSubject, type Line, type LineValue, type MainAspect } from "@/core/handover/lines";
import type { HandoverStore, SaveState } from "./handover-store";

export const HandoverContext = createContext<HandoverStore | null>(null);

/** The handover on this screen. */
export function useHandover(): HandoverStore {
  const store = useContext(HandoverContext);
  if (!store) throw new Error("no handover around this part of the screen");
  return store;
}

/** One cell of one subject; the part of the screen that asks is drawn again when that subject changes, and only then. */
export function useCell<Aspect extends string>(subject: string, aspect: Aspect): Cell<Aspect> | undefined {
  const store = useHandover();
  const subscribe = useCallback((listener: () => void) => store.onSubject(subject, listener), [store, subject]);
  const read = useCallback(() => store.cell(subject, aspect), [store, subject, aspect]);
  return useSyncExternalStore(subscribe, read, read);
}

/** What was recorded of a line: the cell, and the value that stands. */
export function useLine<L extends Line>(
  line: L,
): { cell: Cell<MainAspect<L>> | undefined; value: LineValue<L> | null } {
  const cell = useCell(lineSubject(line.id), kindOf(line).aspect);
  return { cell, value: (cell?.value as LineValue<L> | undefined) ?? null };
}

/** Draws the asking part again whenever anything is recorded on a subject. */
export function useSubject(subject: string): void {
  const store = useHandover();
  const subscribe = useCallback((listener: () => void) => store.onSubject(subject, listener), [store, subject]);
  const read = useCallback(() => store.entriesOn(subject), [store, subject]);
  useSyncExternalStore(subscribe, read, read);
}

/** Grows with every change of the handover: for parts that sum over everything. */
export function useVersion(): number {
  const store = useHandover();
  const subscribe = useCallback((listener: () => void) => store.onChange(listener), [store]);
  const read = useCallback(() => store.versionNow(), [store]);
  return useSyncExternalStore(subscribe, read, read);
}

/** How safe what was recorded is. */
export function useSaveState(): SaveState {
  const store = useHandover();
  const subscribe = useCallback((listener: () => void) => store.onChange(listener), [store]);
  const read = useCallback(() => store.save(), [store]);
  return useSyncExternalStore(subscribe, read, read);
}
