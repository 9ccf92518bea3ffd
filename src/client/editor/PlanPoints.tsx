"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState, type KeyboardEvent } from "react";
import type { Point, YachtFile } from "@/core/yacht/schema";
import { YachtPlan } from "@/ui/plan/YachtPlan";
import { Field } from "@/ui/Field";

/** How far a key moves a point, in metres: a hand's breadth, and an arm's length with Shift. */
const stepM = 0.1;
const longStepM = 1;
const moves: Readonly<Record<string, Point>> = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };

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

/** A spot, or the corners of an outline, set on the plan by a tap or by keys. */
export function PlanPoints({ file, label, place, level, points, many, error, disabled, onKeep }: Props) {
  const t = useTranslations("editor");
  const plan = useTranslations("plan");
  const [chosen, setChosen] = useState(0);
  const at = points[chosen] ?? null;
  const put = (point: Point) => void onKeep(many ? points.map((each, index) => (index === chosen ? point : each)) : [point]);
  const keys = (event: KeyboardEvent) => {
    const move = moves[event.key];
    if (!move || !at || disabled) return;
    event.preventDefault();
    const step = event.shiftKey ? longStepM : stepM;
    put([round(at[0] + move[0] * step), round(at[1] + move[1] * step)]);
  };
  return (
    <Field label={label} error={error} hint={t("plan-hint")}>
      {(ids) => (
        <div id={ids.id} role="application" aria-label={label} tabIndex={0} onKeyDown={keys} style={{ display: "grid", gap: 8 }}>
          {many && (
            <Box display="flex" flexWrap="wrap" gap="2">
              {points.map((point, index) => (
                <Button key={index} variant={index === chosen ? "solid" : "outline"} aria-pressed={index === chosen} onClick={() => setChosen(index)}>
                  {t("corner", { number: index + 1 })}
                </Button>
              ))}
              <Button disabled={disabled || at === null} onClick={() => at && void onKeep([...points.slice(0, chosen + 1), [round(at[0] + stepM * 3), at[1]], ...points.slice(chosen + 1)])}>
                {t("corner-more")}
              </Button>
              <Button disabled={disabled || points.length <= 3} onClick={() => { void onKeep(points.filter((_, index) => index !== chosen)); setChosen(0); }}>
                {t("corner-less")}
              </Button>
            </Box>
          )}
          <div style={{ height: 380, maxWidth: 240 }}>
            <YachtPlan file={file} level={level} words={{ port: plan("port"), starboard: plan("starboard"), title: label, place: (id) => id }} current={place ?? undefined} aim={at} onAim={disabled ? undefined : put} />
          </div>
          <Box display="flex" gap="3" alignItems="center">
            <span>{at ? t("at-metres", { aft: at[0], side: Math.abs(at[1]), to: at[1] < 0 ? "port" : "starboard" }) : t("no-spot")}</span>
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
