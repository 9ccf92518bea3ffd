"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { Sheet } from "@/ui/Sheet";
import { FittingDetail } from "../../finder/FittingDetail";
import styles from "../Book.module.css";
import type { BookRoute, Show, ShowOf } from "../route/route";
import { PlaceDetail } from "../PlaceDetail";
import { PlanPart } from "./PlanPart";

interface Props {
  file: YachtFile;
  route: BookRoute;
  go: (at: BookRoute["at"], show?: ShowOf) => void;
}

/** Her plan over the whole screen: a place that is tapped opens from below, a fitting that was asked for is lit. */
export function PlanTab({ file, route: { show }, go }: Props) {
  const t = useTranslations();
  const lit = show?.kind === "fitting" && file.fittings[show.key] ? show.key : null;
  const place = lit !== null ? (file.fittings[lit]?.place ?? null) : show?.kind === "place" ? show.key : null;
  const id = show ? idOf(show) : "";
  const [chosen, setChosen] = useState<{ at: string; level: Level }>({ at: "", level: "deck" });
  // what was found says which level it is on, until somebody turns to the other one
  const there = place === null ? undefined : file.places[place]?.level;
  const level = chosen.at === id ? chosen.level : (there ?? chosen.level);
  // a place opens at once; a fitting is lit first, and opens when it is asked for
  const [sheet, setSheet] = useState<{ of: string; isOpen: boolean }>({ of: "", isOpen: false });
  const isOpen = show !== null && (sheet.of === id ? sheet.isOpen : show.kind === "place");
  const open = (next: Show) => {
    setSheet({ of: idOf(next), isOpen: true });
    go("plan", next);
  };
  const fitting = lit === null ? undefined : file.fittings[lit];
  return (
    <div className={styles.whole}>
      <PlanPart
        {...{ file, place, level, lit }}
        onLevel={(next) => setChosen({ at: id, level: next })}
        onPick={(key) => open({ kind: "place", key })}
        onFitting={(key) => open({ kind: "fitting", key })}
      />
      {fitting && lit !== null && (
        <button type="button" className={styles.litNow} onClick={() => setSheet({ of: id, isOpen: true })}>
          <strong>{localize(fitting.name)}</strong>
          <span>
            {localize(file.places[fitting.place]?.name ?? { en: fitting.place })}, {localize(fitting.where)}
          </span>
        </button>
      )}
      {isOpen && show && (
        <Sheet
          key={id}
          low
          title={nameOf(file, show)}
          closeWord={t("common.close")}
          onClose={() => setSheet({ of: id, isOpen: false })}
        >
          {show.kind === "fitting" ? (
            <FittingDetail file={file} id={show.key} bare />
          ) : (
            <PlaceDetail
              file={file}
              place={show.key}
              bare
              onFitting={(key) => open({ kind: "fitting", key })}
              onItem={(key) => go("find", { kind: "inventory", key })}
              onProcedure={(key) => go("find", { kind: "procedure", key })}
            />
          )}
        </Sheet>
      )}
    </div>
  );
}

const idOf = ({ kind, key }: Show): string => `${kind}:${key}`;

const nameOf = (file: YachtFile, { kind, key }: Show): string =>
  localize((kind === "fitting" ? file.fittings[key]?.name : file.places[key]?.name) ?? { en: key });
