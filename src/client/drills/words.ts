import { useTranslations } from "next-intl";
import type { Output } from "@/core/drills/device";
import type { Told } from "@/core/drills/drill";
import type { Translator } from "@/messages/translator";

/** Figures that are read to a tenth; all others whole. */
const fine = new Set([
  "oilBar",
  "batteryV",
  "volts",
  "outM",
  "strain",
  "endMs",
  "otherEndMs",
  "yawDegS",
  "percent",
  "litres",
]);

/** The words of a device's controls and outputs: those of its own where it has them, else those that all share. */
export function useDrillWords(device: string) {
  const t = useTranslations() as unknown as Translator;
  const say = (group: string, name: string): string => {
    const [base = "", part = ""] = name.split(":");
    const own = `${group}.${device}_${base}`;
    const key = (t.has(own as "drill.back") ? own : `${group}.${base}`) as "drill.back";
    const side = `drill-side.${part}` as "drill-side.port";
    const named = part !== "" && t.has(side) ? t(side) : part;
    const words = t(key, { part: named } as never);
    return part === "" || words.includes(named) ? words : `${words}, ${named}`;
  };
  const value = (of: string): string => {
    const key = `drill-value.${of}` as "drill-value.open";
    return t.has(key) ? t(key) : of;
  };
  return {
    t,
    control: (name: string) => say("drill-control", name),
    output: (name: string) => say("drill-output", name),
    value,
    shown: (name: string, of: Output, unit: string): string => {
      if (typeof of === "number") {
        const digits = fine.has(name.split(":")[0] ?? "") ? 1 : 0;
        return `${of.toFixed(digits)}${unit === "" ? "" : ` ${unit}`}`;
      }
      if (Array.isArray(of)) return of.length === 0 ? t("drill.nothing-seen") : of.map(value).join(", ");
      return value(String(of));
    },
  };
}
export type DrillWordsOf = ReturnType<typeof useDrillWords>;

/** What happened or was done wrong, with its side where there are two. */
export function toldWords(
  t: Translator,
  device: string,
  { code, side, isMistake }: Told & { isMistake: boolean },
): string {
  const words = isMistake
    ? t(`drill-mistake.${device}_${code}` as "drill-mistake.gas_burner-left")
    : t(`drill.event-${code}` as "drill.event-fires");
  return side === undefined ? words : `${words} (${t(`drill-side.${side}` as "drill-side.port")})`;
}
