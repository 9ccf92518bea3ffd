"use client";
import { useFormatter } from "next-intl";

/** When a calendar was read, for a sentence: `never` where it was not. */
export function useReadAt(timeZone: string): (at: string | null) => string {
  const format = useFormatter();
  return (at) =>
    at === null ? "never" : format.dateTime(new Date(at), { dateStyle: "medium", timeStyle: "short", timeZone });
}
