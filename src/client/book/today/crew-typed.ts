import type { CrewMember } from "@/api/schemas/desk";
import type { sailedBefore } from "@/core/imports/crew";

/** Somebody of the crew as typed. */
export interface TypedPerson {
  name: string;
  weight: string;
  isChild: boolean;
  swims: boolean;
  speaks: string;
  sailed: (typeof sailedBefore)[number] | "";
  toKnow: string;
}

export const blankPerson: TypedPerson = {
  name: "",
  weight: "",
  isChild: false,
  swims: false,
  speaks: "",
  sailed: "",
  toKnow: "",
};

/** A crew as far as it was typed: its people, and the hour they come. */
export interface TypedCrew {
  people: TypedPerson[];
  hour: string;
}

/** A crew out of what was kept on the device; null for what holds none. */
export function typedCrew(kept: unknown): TypedCrew | null {
  const { people, hour } = (kept ?? {}) as Partial<TypedCrew>;
  if (!Array.isArray(people) || typeof hour !== "string") return null;
  return { people: people.map((person) => ({ ...blankPerson, ...person })), hour };
}

/** A row nobody was named in. */
export const isBlank = ({ name, weight }: TypedPerson): boolean => name.trim() === "" && weight.trim() === "";

export const typedOf = ({ name, weightKg, isChild, swims, speaks, sailed, toKnow }: CrewMember): TypedPerson => ({
  name,
  weight: String(weightKg),
  isChild: isChild ?? false,
  swims: swims ?? false,
  speaks: speaks ?? "",
  sailed: sailed ?? "",
  toKnow: toKnow ?? "",
});

/** What is told of a person: what was left blank is not told. */
export const memberOf = ({ name, weight, isChild, swims, speaks, sailed, toKnow }: TypedPerson): CrewMember => ({
  name: name.trim(),
  weightKg: Number(weight),
  ...(isChild ? { isChild } : {}),
  ...(swims ? { swims } : {}),
  ...(speaks.trim() === "" ? {} : { speaks: speaks.trim() }),
  ...(sailed === "" ? {} : { sailed }),
  ...(toKnow.trim() === "" ? {} : { toKnow: toKnow.trim() }),
});

/** Which field keeps a person from being told. */
export function crewFaults(person: TypedPerson): "name" | "weight" | null {
  if (isBlank(person)) return null;
  if (person.name.trim() === "") return "name";
  const weight = person.weight.trim();
  return /^\d{1,3}$/.test(weight) && Number(weight) >= 3 && Number(weight) <= 300 ? null : "weight";
}
