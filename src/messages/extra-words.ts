import type { Extra } from "@/core/settlement/extra";
import type { Language } from "@/core/basics/languages";
import { stampIn } from "./stamp";
import type { Translator } from "./translator";

/** What something on a statement beside the differences is called. */
export function extraName(t: Translator, extra: Extra, timeZone: string, language?: Language): string {
  switch (extra.kind) {
    case "service":
      return extra.words;
    case "below-water":
      return t("extra.below-water", { until: stampIn(extra.until, timeZone, language) });
    case "fuel":
      return t(extra.full === null ? "extra.fuel" : "extra.fuel-full", {
        litres: extra.litres,
        day: extra.day,
        reference: extra.reference,
      });
  }
}
