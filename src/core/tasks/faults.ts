import { localize } from "../basics/words";
import type { Tasks } from "./task";

/** What is wrong with a list of tasks, and with which of them. */
export interface TasksFault {
  what: "name-twice" | "days-missing" | "sniff-missing";
  key: string;
}

/** What is wrong with the tasks of a base that their form does not tell. Nobody goes below with a switch before it smells of nothing. */
export function tasksFaults(tasks: Tasks): TasksFault[] {
  const names = Object.values(tasks).map(({ name }) => localize(name).trim().toLowerCase());
  const faults = Object.entries(tasks).flatMap(([key, { when, days }], at): TasksFault[] => [
    ...(names.indexOf(names[at] ?? "") === at ? [] : [{ what: "name-twice" as const, key }]),
    ...(when !== "always" && days === undefined ? [{ what: "days-missing" as const, key }] : []),
  ]);
  const sniff = Object.hasOwn(tasks, "sniff") ? tasks["sniff"] : undefined;
  const isFirst = sniff?.section === "opening-up" && sniff.when === "always" && sniff.step <= 1 && !sniff.onlyOn;
  return isFirst && !sniff.needs ? faults : [...faults, { what: "sniff-missing", key: "sniff" }];
}
