"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState, type KeyboardEvent } from "react";
import type { Point, YachtFile } from "@/core/yacht/schema";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { Field } from "@/ui/Field";
import { useDragging } from "./useDragging";

/** How far a key moves a point, in metres: a hand's breadth, and an arm's length with Shift. */
const stepM = 0.1;
const longStepM = 1;
const moves: Readonly<Record<string, Point>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

interface Props {
  file: YachtFile;
  label: string;
  /** the place that the points belong to */
  place: string | null;
  level: "deck" | "below";
  points: readonly Point[];
  /** one spot, or the corners of an outline */
  many: boolean;
  error: string | null;
  disabled: boolean;
  onKeep: (points: Point[] | null) => Promise<boolean>;
}

const round = (value: number) => Math.round(value * 100) / 100;

/** A spot, or the corners of an outline, set on the plan by dragging, by a tap or by keys. */
export function PlanPoints({ file, label, place, level, points, many, error, disabled, onKeep }: Props) {
  const t = useTranslations("editor");
  const plan = useTranslations("plan");
  const [chosen, setChosen] = useState(0);
  const put = (index: number, point: Point) =>
    void onKeep(many ? points.map((each, other) => (other === index ? point : each)) : [point]);
  const { shown, handlers } = useDragging({ points, chosen, disabled, onTake: setChosen, onDrop: put });
  const at = shown[chosen] ?? null;
  const keys = (event: KeyboardEvent) => {
    const move = moves[event.key];
    if (!move || !at || disabled) return;
    event.preventDefault();
    const step = event.shiftKey ? longStepM : stepM;
    put(chosen, [round(at[0] + move[0] * step), round(at[1] + move[1] * step)]);
  };
  const drawn =
    many && place !== null && file.places[place]
      ? { ...file, places: { ...file.places, [place]: { ...file.places[place], outline: [...shown] } } }
      : file;
  return (
    <Field label={label} error={error} hint={t("plan-hint")}>
      {(ids) => (
        <div
          id={ids.id}
          role="application"
          aria-label={label}
          tabIndex={0}
          onKeyDown={keys}
          style={{ display: "grid", gap: 8 }}
        >
          {many && (
            <Corners {...{ points, chosen, disabled }} onChoose={setChosen} onKeep={(next) => void onKeep(next)} />
          )}
          <div
            style={{ height: 380, maxWidth: 240, touchAction: "none", cursor: disabled ? undefined : "crosshair" }}
            {...handlers}
          >
            <YachtPlan
              file={drawn}
              level={level}
              words={{ port: plan("port"), starboard: plan("starboard"), title: label, place: (id) => id }}
              current={place ?? undefined}
              aim={at}
              points={
                many
                  ? shown.flatMap((each, index) =>
                      index === chosen ? [] : [{ id: String(index), at: each, fresh: false }],
                    )
                  : []
              }
            />
          </div>
          <Box display="flex" gap="3" alignItems="center">
            <span>
              {at
                ? t("at-metres", { aft: at[0], side: Math.abs(at[1]), to: at[1] < 0 ? "port" : "starboard" })
                : t("no-spot")}
            </span>
            {!many && at && (
              <Button disabled={disabled} onClick={() => void onKeep(null)}>
                {t("take-out")}
              </Button>
            )}
          </Box>
        </div>
      )}
    </Field>
  );
}

/** The corners of an outline: one is chosen, one put in after it, one taken out. */
function Corners({
  points,
  chosen,
  disabled,
  onChoose,
  onKeep,
}: {
  points: readonly Point[];
  chosen: number;
  disabled: boolean;
  onChoose: (index: number) => void;
  onKeep: (points: Point[]) => void;
}) {
  const t = useTranslations("editor");
  const at = points[chosen] ?? null;
  return (
    <Box display="flex" flexWrap="wrap" gap="2">
      {points.map((point, index) => (
        <Button
          key={index}
          variant={index === chosen ? "solid" : "outline"}
          aria-pressed={index === chosen}
          onClick={() => onChoose(index)}
        >
          {t("corner", { number: index + 1 })}
        </Button>
      ))}
      <Button
        disabled={disabled || at === null}
        onClick={() =>
          at && onKeep([...points.slice(0, chosen + 1), [round(at[0] + stepM * 3), at[1]], ...points.slice(chosen + 1)])
        }
      >
        {t("corner-more")}
      </Button>
      <Button
        disabled={disabled || points.length <= 3}
        onClick={() => {
          onKeep(points.filter((_, index) => index !== chosen));
          onChoose(0);
        }}
      >
        {t("corner-less")}
      </Button>
    </Box>
  );
}
