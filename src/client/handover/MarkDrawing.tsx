"use client";
import { useTranslations } from "next-intl";
import { newMarks } from "@/core/handover/state";
import type { Point, Surface } from "@/core/yacht/schema";
import { ProfileView } from "@/ui/plan/ProfileView";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { useHandover } from "../store/handover-context";
import { isFlat, movedBy } from "./mark-place";
import styles from "./MarkSheet.module.css";

interface Props {
  place: string;
  surface: Surface;
  at: Point;
  onAim: (at: Point) => void;
}

/** The level or side that a mark is set on, with the marks that are known: aimed at by a tap or by arrow keys. */
export function MarkDrawing({ place, surface, at, onAim }: Props) {
  const t = useTranslations();
  const store = useHandover();
  const { list, file } = store.bundle;
  const points = [
    ...list.lines.flatMap((line) =>
      line.kind === "mark" && line.mark.surface === surface
        ? [{ id: line.id, at: [line.mark.aM, line.mark.bM] as Point, fresh: false }]
        : [],
    ),
    ...newMarks(store.folded()).flatMap(({ id, mark }) =>
      mark.surface === surface ? [{ id, at: [mark.aM, mark.bM] as Point, fresh: true }] : [],
    ),
  ];
  const title = t("plan.surface", { yacht: list.yacht.name, surface: t(`surface.${surface}`) });
  const sides = { port: t("plan.port"), starboard: t("plan.starboard") };
  const drawn = { points, aim: at, onAim };
  return (
    <div
      className={styles.drawing}
      tabIndex={0}
      role="application"
      aria-label={t("mark.drawing", { a: at[0], b: at[1] })}
      onKeyDown={(event) => {
        const moved = movedBy(event.key, at, surface);
        if (!moved) return;
        event.preventDefault();
        onAim(moved);
      }}
    >
      {isFlat(surface) ? (
        <YachtPlan
          file={file}
          level={surface}
          words={{ ...sides, title, place: (id) => id }}
          current={place}
          {...drawn}
        />
      ) : (
        <ProfileView
          particulars={file.particulars}
          surface={surface}
          title={title}
          words={{ ...sides, bow: t("plan.bow"), stern: t("plan.stern"), waterline: t("plan.waterline") }}
          {...drawn}
        />
      )}
    </div>
  );
}
