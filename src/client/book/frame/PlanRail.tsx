"use client";
import { useState } from "react";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { PlanPart } from "../plan/PlanPart";
import styles from "./BookFrame.module.css";
import type { BookRoute, Show } from "../route/route";

/** Her plan in the rail at the side of a wide screen: where what is shown lies, and the way to any place. */
export function PlanRail({
  file,
  show,
  go,
}: {
  file: YachtFile;
  show: Show | null;
  go: (at: BookRoute["at"], show?: Show) => void;
}) {
  const lit = show?.kind === "fitting" && file.fittings[show.key] ? show.key : null;
  const place = lit === null ? null : (file.fittings[lit]?.place ?? null);
  const [chosen, setChosen] = useState<{ at: string | null; level: Level }>({ at: null, level: "deck" });
  const there = place === null ? undefined : file.places[place]?.level;
  return (
    <aside className={styles.rail}>
      <PlanPart
        {...{ file, place, lit }}
        level={chosen.at === lit ? chosen.level : (there ?? chosen.level)}
        onLevel={(level) => setChosen({ at: lit, level })}
        onPick={(key) => go("plan", { kind: "place", key })}
        onFitting={(key) => go("find", { kind: "fitting", key })}
      />
    </aside>
  );
}
