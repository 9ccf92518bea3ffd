"use client";
import { useCallback, useState } from "react";
import type { Hit } from "@/core/yacht/finder/finder";
import type { Level, YachtFile } from "@/core/yacht/schema";

export type Found = Pick<Hit, "kind" | "id" | "place">;
type Shown = { at: "nothing" } | { at: "place" } | { at: "found"; hit: Pick<Hit, "kind" | "id"> };

/** What of a yacht is looked at: a place picked on her plan, or something found. The plan turns to where it is. */
export function useAboard(file: YachtFile, onShow: () => void) {
  const [place, setPlace] = useState<string | null>(null);
  const [level, setLevel] = useState<Level>("deck");
  const [shown, setShown] = useState<Shown>({ at: "nothing" });
  const goTo = useCallback(
    (to: string | null | undefined) => {
      if (!to) return;
      setPlace(to);
      const there = file.places[to]?.level;
      if (there) setLevel(there);
    },
    [file],
  );
  const pickPlace = (to: string) => {
    goTo(to);
    setShown({ at: "place" });
    onShow();
  };
  const showFound = (hit: Found) => {
    goTo(hit.place);
    setShown({ at: "found", hit });
    onShow();
  };
  const showFitting = (id: string) => showFound({ kind: "fitting", id, place: file.fittings[id]?.place ?? null });
  const showProcedure = (id: string) => showFound({ kind: "procedure", id, place: file.procedures[id]?.place ?? null });
  const lit = shown.at === "found" && shown.hit.kind === "fitting" ? shown.hit.id : null;
  return {
    shown,
    place,
    showFound,
    showFitting,
    showProcedure,
    plan: { place, level, lit, onLevel: setLevel, onPick: pickPlace, onFitting: showFitting },
  };
}
