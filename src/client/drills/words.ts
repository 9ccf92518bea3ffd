import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { Control, Value } from "@/core/drills/control";
import type { Output } from "@/core/drills/device";
import type { HerDrill } from "@/core/drills/hers";
import type { Told } from "@/core/drills/drill";
import { useLanguage } from "../language/language";
import type { Translator } from "@/messages/translator";

/** Shares of a whole, told in percent. */
const shares = new Set(["hoisted", "rolled", "down"]);
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
  "heightM",
  "levelL",
  "waterL",
]);

/** The words of a device's controls and outputs: those of its own where it has them, else those that all share. */
export function useDrillWords({ device, looks, names }: Pick<HerDrill, "device" | "looks" | "names">) {
  const t = useTranslations() as unknown as Translator;
  const language = useLanguage();
  const say = (group: string, name: string): string => {
    const [base = "", part = ""] = name.split(":");
    const look = looks[base];
    const made = `${group}.${device}_${base}-${look ?? ""}`;
    const own = look !== undefined && t.has(made as "drill.back") ? made : `${group}.${device}_${base}`;
    const key = (t.has(own as "drill.back") ? own : `${group}.${base}`) as "drill.back";
    const side = `drill-side.${part}` as "drill-side.port";
    const its = names[part];
    const named = its ? localize(its, language) : part !== "" && t.has(side) ? t(side) : part;
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
    /** where a control stands or is set to: a lever of both ways by its way and share, a rudder by side, all else in figures */
    stood: (control: Control | undefined, stands: Value): string => {
      if (control?.kind !== "number" || typeof stands !== "number") return value(String(stands));
      const { min, max } = control;
      if (max > 1 && min < 0 && stands !== 0)
        return `${Math.abs(stands).toFixed(0)} ${value(stands > 0 ? "starboard" : "port")}`;
      if (max > 1) return stands.toFixed(0);
      const share = `${Math.abs(stands * 100).toFixed(0)} %`;
      if (min >= 0) return share;
      return stands === 0 ? value("neutral") : `${value(stands > 0 ? "ahead" : "astern")} ${share}`;
    },
    shown: (name: string, of: Output, unit: string): string => {
      if (typeof of === "number") {
        if (shares.has(name)) return `${(of * 100).toFixed(0)} %`;
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

/** What a mistake would have cost aboard. */
export const costWords = (t: Translator, device: string, code: string): string =>
  t(`drill-cost.${device}_${code}` as "drill-cost.gas_burner-left");
