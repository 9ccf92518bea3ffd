/** An instant in words, in a time zone: "19 June 2027 at 09:20". What is none, in records of before, stands as it was written. */
export const stampIn = (instant: string, timeZone: string) =>
  Number.isNaN(Date.parse(instant)) ? instant : stamped(instant, timeZone);

const stamped = (instant: string, timeZone: string) =>
  new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeStyle: "short", timeZone }).format(new Date(instant));

/** An instant of these days, in a time zone: "Sat 09:20". Put together by hand, so that browser and server say the same to the letter. */
export function dayAndHourIn(instant: string, timeZone: string): string {
  const parts = new Intl.DateTimeFormat("en-GB", {
    weekday: "short",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    timeZone,
  }).formatToParts(new Date(instant));
  const part = (type: string) => parts.find((each) => each.type === type)?.value ?? "";
  return `${part("weekday")} ${part("hour")}:${part("minute")}`;
}
