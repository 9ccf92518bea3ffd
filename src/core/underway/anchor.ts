import { addDays, addHours, dayIn, instantIn, type Instant } from "../basics/instant";
import { anchoring, checkAnchorInput } from "../planners/anchor/anchor";
import type { Anchoring, AnchorInput } from "../planners/anchor/schema";
import { InputError } from "../basics/calculation";
import { tide } from "../planners/tide";
import { strongest, type Outlook } from "../weather/outlook";
import type { YachtFile } from "../yacht/schema";
import type { Field, Figures, Known } from "./known";
import { mainTackle } from "../yacht/main-tackle";
import { bowHeightM, chainKgPerM, dragAreaAirM2, dragAreaWaterM2, ropeKgPerM, transducerM } from "../yacht/thumb";

/** What a skipper may correct of an anchorage, in the order in which it is asked. */
export const anchorFields = {
  waterM: { unit: "m", least: 0.5, most: 40, step: 0.1 },
  stayH: { unit: "h", least: 1, most: 72, step: 1 },
  bowM: { unit: "m", least: 0, most: 6, step: 0.1 },
  riseM: { unit: "m", least: 0, most: 12, step: 0.1 },
  fallM: { unit: "m", least: 0, most: 12, step: 0.1 },
  windKn: { unit: "kn", least: 0, most: 80, step: 1 },
  gustKn: { unit: "kn", least: 0, most: 100, step: 1 },
  currentKn: { unit: "kn", least: 0, most: 6, step: 0.1 },
  roomM: { unit: "m", least: 5, most: 300, step: 1 },
  dragAreaAirM2: { unit: "m2", least: 1, most: 100, step: 0.5 },
  dragAreaWaterM2: { unit: "m2", least: 0, most: 5, step: 0.05 },
  chainKgPerM: { unit: "kg/m", least: 0.1, most: 20, step: 0.05 },
  ropeKgPerM: { unit: "kg/m", least: 0.01, most: 3, step: 0.01 },
} as const satisfies Record<string, Field>;
export type AnchorField = keyof typeof anchorFields;

/**
 * What is known of an anchorage before anybody types: from her file, the feeds and rules of thumb.
 *
 * @param stayH how long she lies there, hours; until nine in the morning where nobody said
 */
export function anchorKnown(
  file: YachtFile,
  outlook: Outlook | null,
  now: Instant,
  timeZone: string,
  stayH: number | null,
): Figures<AnchorField> {
  const { particulars } = file;
  const usualH = untilMorningH(now, timeZone);
  const until = addHours(now, stayH ?? usualH);
  const tackle = mainTackle(file);
  const rule = (value: number): Known => ({ value, source: { from: "rule" } });
  const own = (value: number | undefined, thumb: number): Known =>
    value === undefined ? rule(thumb) : { value, source: { from: "file" } };
  const blows = strongest(outlook, now, until);
  return {
    waterM: null,
    stayH: { value: usualH, source: { from: "usual" } },
    bowM: own(particulars.bowHeightM, bowHeightM(particulars)),
    ...tideKnown(outlook, now, until),
    windKn: blows && { value: blows.windKn, source: blows.source },
    gustKn: blows && { value: blows.gustKn, source: blows.source },
    currentKn: { value: 0, source: { from: "usual" } },
    roomM: null,
    dragAreaAirM2: own(particulars.dragAreaM2?.air, dragAreaAirM2(particulars)),
    dragAreaWaterM2: own(particulars.dragAreaM2?.water, dragAreaWaterM2(particulars)),
    chainKgPerM: tackle && own(tackle.chainKgPerM, chainKgPerM(tackle.chainDiameterMm)),
    ropeKgPerM: tackle && own(tackle.ropeKgPerM, ropeKgPerM(tackle.chainDiameterMm)),
  };
}

/** Hours until nine in the next morning by the base's clock, whole, and never less than six: she lies there for a night. */
function untilMorningH(now: Instant, timeZone: string): number {
  const today = dayIn(now, timeZone);
  const mornings = [0, 1, 2].map((days) => instantIn(addDays(today, days), "09:00", timeZone));
  const hours = mornings.map((each) => (Date.parse(each) - Date.parse(now)) / 3_600_000);
  return Math.ceil(hours.find((each) => each >= 6) ?? 12);
}

/** The tide that still comes and goes while she lies there; null where no feed tells it for all that time. */
function tideKnown(outlook: Outlook | null, from: Instant, to: Instant): Pick<Figures<AnchorField>, "riseM" | "fallM"> {
  const told = outlook?.tide;
  const [first, last] = [told?.turns[0], told?.turns.at(-1)];
  if (!outlook || !told || !first || !last) return { riseM: null, fallM: null };
  if (
    Date.parse(from) < Date.parse(first.at) ||
    Date.parse(to) > Date.parse(last.at) ||
    Date.parse(from) > Date.parse(to)
  )
    return { riseM: null, fallM: null };
  const { riseM, fallM } = tide({ turns: told.turns, from, to });
  const source = { from: "feed", name: told.from, at: outlook.at } as const;
  return { riseM: { value: riseM, source }, fallM: { value: fallM, source } };
}

/**
 * What is added to what her instrument shows, for the water from the surface down, m; null where her file does not say
 * from where it counts.
 */
export function depthAddedM({ depth, ...particulars }: YachtFile["particulars"]): number | null {
  if (!depth) return null;
  if (depth.from === "keel") return particulars.draughtM;
  return depth.from === "surface" ? 0 : (depth.transducerM ?? transducerM(particulars));
}

/** Ratios of rode to height that are kept where no line is reckoned with: all chain, and with rope. */
export const usualRatio = { chain: 4, rope: 7 };

/** What is needed before there is any answer. */
export const anchorNeeds = ["waterM", "bowM", "riseM", "fallM", "windKn", "gustKn"] as const satisfies AnchorField[];

/** How much to let out, or why no figure can be given. */
export type AnchorAnswer =
  | {
      input: AnchorInput;
      answer: Anchoring;
      /** water under the keel when it is lowest; below 0 she sits on the ground */
      underKeelM: number;
    }
  | { missing: AnchorField[] }
  | { fault: "no-tackle" | "too-deep" | "falls-dry" | "other" };

/** How much to let out by the figures there are; without one that is needed no number is given. */
export function anchorAnswer(
  file: YachtFile,
  figures: Figures<AnchorField>,
  school: AnchorInput["school"],
): AnchorAnswer {
  const tackle = mainTackle(file);
  if (!tackle || tackle.chainM + tackle.ropeM <= 0) return { fault: "no-tackle" };
  const missing = anchorNeeds.filter((name) => figures[name] === null);
  if (missing.length > 0) return { missing };
  const of = (name: AnchorField) => figures[name]?.value ?? 0;
  const input: AnchorInput = {
    waterM: of("waterM"),
    bowM: of("bowM"),
    riseM: of("riseM"),
    fallM: of("fallM"),
    lengthM: file.particulars.lengthM,
    rode: {
      chainM: tackle.chainM,
      chainKgPerM: of("chainKgPerM"),
      ropeM: tackle.ropeM,
      ropeKgPerM: of("ropeKgPerM"),
    },
    windKn: of("windKn"),
    // whoever corrects the wind alone means gusts that are no weaker
    gustKn: Math.max(of("gustKn"), of("windKn")),
    currentKn: of("currentKn"),
    dragAreaAirM2: of("dragAreaAirM2"),
    dragAreaWaterM2: of("dragAreaWaterM2"),
    school,
    ratio: usualRatio,
    roomM: figures.roomM?.value ?? null,
  };
  try {
    checkAnchorInput(input);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { fault: error.where === "/rode" ? "too-deep" : error.where === "/fallM" ? "falls-dry" : "other" };
  }
  return {
    input,
    answer: anchoring(input),
    underKeelM: input.waterM - input.fallM - file.particulars.draughtM,
  };
}
