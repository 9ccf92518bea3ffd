/** An instant in words, in a time zone: "19 June 2027 at 09:20". */
export const stampIn = (instant: string, timeZone: string) =>
  new Intl.DateTimeFormat("en-GB", { dateStyle: "long", timeStyle: "short", timeZone }).format(new Date(instant));
