import { localeOf, type Language } from "./languages";
import { usualLanguage } from "@/core/basics/languages";

/** An instant in words, in a time zone: "19 June 2027 at 09:20". What is none, in records of before, stands as it was written. */
export const stampIn = (instant: string, timeZone: string, language: Language = usualLanguage) =>
  Number.isNaN(Date.parse(instant)) ? instant : stamped(instant, timeZone, language);

const stamped = (instant: string, timeZone: string, language: Language) =>
  new Intl.DateTimeFormat(localeOf[language], { dateStyle: "long", timeStyle: "short", timeZone }).format(
    new Date(instant),
  );

/** An instant of these days, in a time zone: "Sat 09:20". Put together by hand, so that browser and server say the same to the letter. */
export function dayAndHourIn(instant: string, timeZone: string, language: Language = usualLanguage): string {
  const parts = new Intl.DateTimeFormat(localeOf[language], {
    weekday: "short",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    timeZone,
  }).formatToParts(new Date(instant));
  const part = (type: string) => parts.find((each) => each.type === type)?.value ?? "";
  return `${part("weekday")} ${part("hour")}:${part("minute")}`;
}
