import type { YachtFile } from "../yacht/schema";
import type { Extra, HiredExtra } from "./extra";

/** Before the keys of extras among a yacht's own things. */
const prefix = "hired-";
/** The count line of an extra. */
export const hiredLine = (key: string) => `count:${prefix}${key}`;
/** Extras come after everything that belongs to her. */
const firstOrder = 900_000;

/** Where an extra is stowed aboard a yacht: the first of its places that she has, or the first of hers. */
export function placeOf({ places }: Pick<Extra, "places">, file: Pick<YachtFile, "places">): string {
  return places.find((place) => Object.hasOwn(file.places, place)) ?? Object.keys(file.places)[0] ?? "";
}

/**
 * A yacht's file with what a charter has hired: it is counted, tested, briefed and found as if it were hers.
 * The file itself is not changed.
 */
export function withExtras(file: YachtFile, hired: readonly HiredExtra[]): YachtFile {
  if (hired.length === 0) return file;
  const [inventory, tests, stops] = [{ ...file.inventory }, { ...file.tests }, { ...file.stops }];
  hired.forEach(({ key, count, place: agreed, extra }, at) => {
    const id = `${prefix}${key}`;
    const place = Object.hasOwn(file.places, agreed) ? agreed : placeOf(extra, file);
    const { name, where, system, group, replacementMinor, boughtOn, lifeMonths, test, brief } = extra;
    const order = firstOrder + at;
    inventory[id] = {
      ...{ name, order, place, where, system, group, expected: count, replacementMinor, boughtOn, lifeMonths },
      ...(extra.safety ? { safety: true } : {}),
      ...(extra.jacketKg ? { jacketKg: extra.jacketKg } : {}),
      ...(extra.consumed ? { consumed: true } : {}),
    };
    if (test) tests[id] = { name, order, place, system, when: "alongside", ...test };
    if (brief) {
      const { say, does, minutes } = brief;
      stops[id] = {
        ...{ title: name, place, system, minutes, after: [], safety: extra.safety ?? false, topics: [], say },
        ...(does ? { does } : {}),
      };
    }
  });
  return { ...file, inventory, tests, stops };
}

/** What was hired before and is not hired any more, which somebody has to take off her. */
export function toTakeOff(before: readonly HiredExtra[], now: readonly HiredExtra[]): HiredExtra[] {
  return before.flatMap((each) => {
    const stays = now.find(({ key }) => key === each.key)?.count ?? 0;
    return each.count > stays ? [{ ...each, count: each.count - stays }] : [];
  });
}
