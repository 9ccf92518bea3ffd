import { isDay } from "@/core/basics/instant";
import { minorDigits, parseMoney } from "@/core/basics/money";
import { hirePers, type Extra } from "@/core/extras/extra";
import { groups, systems } from "@/core/yacht/parts/basics";
import type { Typed } from "../../forms/useDeskForm";

/** The fields of an extra, as they are typed. */
export const extraFields = [
  "name",
  "stock",
  "hire",
  "hirePer",
  "replacement",
  "boughtOn",
  "lifeMonths",
  "place",
  "where",
  "system",
  "group",
  "jacketFrom",
  "jacketTo",
  "testHow",
  "say",
  "minutes",
] as const;
export type ExtraField = (typeof extraFields)[number];

/** What is said against a field, by message; nothing where all of them can be read. */
export type ExtraFault =
  "name-missing" | "where-missing" | "price-wrong" | "number-wrong" | "day-wrong" | "weight-wrong" | "minutes-wrong";

const whole = (text: string) => (/^[1-9]\d{0,3}$/.test(text.trim()) ? Number(text) : null);
/** A sum as it is typed. */
export const shown = (minor: number, currency: string) =>
  (minor / 10 ** minorDigits(currency)).toFixed(minorDigits(currency));

/** An extra as it stands in its fields; a new one with what is usual. */
export function typedExtra(extra: Extra | null, currency: string, place: string, today: string): Typed<ExtraField> {
  return {
    name: extra?.name.en ?? "",
    stock: String(extra?.stock ?? 1),
    hire: shown(extra?.hireMinor ?? 0, currency),
    hirePer: extra?.hirePer ?? "week",
    replacement: shown(extra?.replacementMinor ?? 0, currency),
    boughtOn: extra?.boughtOn ?? today,
    lifeMonths: String(extra?.lifeMonths ?? 60),
    place: extra?.places[0] ?? place,
    where: extra?.where.en ?? "",
    system: extra?.system ?? "comfort",
    group: extra?.group ?? "deck",
    jacketFrom: String(extra?.jacketKg?.from ?? ""),
    jacketTo: String(extra?.jacketKg?.to ?? ""),
    testHow: extra?.test?.how.en ?? "",
    say: extra?.brief?.say.en ?? "",
    minutes: String(extra?.brief?.minutes ?? 3),
  };
}

/** What is wrong with what was typed. */
export function extraFaults(typed: Typed<ExtraField>, currency: string): Partial<Record<ExtraField, ExtraFault>> {
  const faults: Partial<Record<ExtraField, ExtraFault>> = {};
  if (typed.name.trim() === "") faults.name = "name-missing";
  if (whole(typed.stock) === null) faults.stock = "number-wrong";
  for (const field of ["hire", "replacement"] as const)
    if (parseMoney(typed[field], currency) === null) faults[field] = "price-wrong";
  if (!isDay(typed.boughtOn.trim())) faults.boughtOn = "day-wrong";
  if (whole(typed.lifeMonths) === null) faults.lifeMonths = "number-wrong";
  if (typed.where.trim() === "") faults.where = "where-missing";
  if (typed.say.trim() !== "" && !(Number(typed.minutes) > 0 && Number(typed.minutes) <= 60))
    faults.minutes = "minutes-wrong";
  const [from, to] = [typed.jacketFrom.trim(), typed.jacketTo.trim()];
  const isKg = (text: string, most: number) => /^\d{1,3}$/.test(text) && Number(text) <= most;
  if (from === "" ? to !== "" : !isKg(from, 200)) faults.jacketFrom = "weight-wrong";
  else if (to !== "" && !(isKg(to, 400) && Number(to) > 0 && Number(to) >= Number(from)))
    faults.jacketTo = "weight-wrong";
  return faults;
}

/** The extra that was typed, on top of what its fields do not show. Only for what has no faults. */
export function extraOf(typed: Typed<ExtraField>, before: Extra | null, safety: boolean, currency: string): Extra {
  const { test, brief, safety: _safety, jacketKg: _jacketKg, ...kept } = before ?? {};
  const places = [typed.place, ...(before?.places ?? []).filter((place) => place !== typed.place)].slice(0, 12);
  const words = (field: "name" | "where", had: Extra["name"] | undefined) => ({ ...had, en: typed[field].trim() });
  return {
    ...kept,
    name: words("name", before?.name),
    where: words("where", before?.where),
    places,
    system: systems.find((each) => each === typed.system) ?? "comfort",
    group: groups.find((each) => each === typed.group) ?? "deck",
    stock: Number(typed.stock),
    hireMinor: parseMoney(typed.hire, currency) ?? 0,
    hirePer: hirePers.find((each) => each === typed.hirePer) ?? "week",
    replacementMinor: parseMoney(typed.replacement, currency) ?? 0,
    boughtOn: typed.boughtOn.trim(),
    lifeMonths: Number(typed.lifeMonths),
    ...(typed.jacketFrom.trim() === ""
      ? {}
      : {
          jacketKg: {
            from: Number(typed.jacketFrom),
            ...(typed.jacketTo.trim() === "" ? {} : { to: Number(typed.jacketTo) }),
          },
        }),
    ...(safety ? { safety: true } : {}),
    ...(typed.testHow.trim() === "" ? {} : { test: { ...test, how: { ...test?.how, en: typed.testHow.trim() } } }),
    ...(typed.say.trim() === ""
      ? {}
      : { brief: { ...brief, say: { ...brief?.say, en: typed.say.trim() }, minutes: Number(typed.minutes) } }),
  };
}
