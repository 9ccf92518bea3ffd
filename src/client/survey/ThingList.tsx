"use client";
import type { Expected } from "@/core/yacht/note/seen";
import type { YachtFile } from "@/core/yacht/schema";
import type { Keep } from "./keep";
import { Thing } from "./Thing";
import type { Said } from "./useSurvey";

interface Props {
  things: readonly Expected[];
  place: string;
  file: YachtFile;
  saidOf: (thing: Expected) => Said;
  onKeep: Keep;
}

/** The things of a place, each with what was said of it. */
export function ThingList({ things, place, file, saidOf, onKeep }: Props) {
  return things.map((thing) => {
    const { note, declined } = saidOf(thing);
    return (
      <Thing
        key={`${place} ${thing.collection} ${thing.key}`}
        thing={thing}
        said={note}
        declined={declined}
        file={file}
        onKeep={onKeep}
      />
    );
  });
}
