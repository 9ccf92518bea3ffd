import { usualLanguage } from "@/core/basics/languages";
import { browserZone } from "./browser-zone";

/** What is typed while a base is set up, by the place it has in the body. */
export const setUpFields = [
  "code",
  "base/name",
  "base/place",
  "timeZone",
  "currency",
  "languages",
  "phone",
  "channel",
  "hours",
  "manager/name",
  "email",
  "password",
] as const;
export type SetUpField = (typeof setUpFields)[number];
export type SetUpTyped = Record<SetUpField, string>;

/** The questions, one screen each, with the fields of each. */
export const setUpSteps = [
  { name: "code", fields: ["code"] },
  { name: "base", fields: ["base/name", "base/place"] },
  { name: "money", fields: ["timeZone", "currency"] },
  { name: "reach", fields: ["phone", "channel", "hours", "languages"] },
  { name: "you", fields: ["manager/name", "email", "password"] },
] as const satisfies readonly { name: string; fields: readonly SetUpField[] }[];
export type SetUpStep = (typeof setUpSteps)[number]["name"];

/** What stands in the fields at first: the zone of this device, and what is usual. */
export const firstTyped = (): SetUpTyped => ({
  ...(Object.fromEntries(setUpFields.map((field) => [field, ""])) as SetUpTyped),
  timeZone: browserZone(),
  currency: "EUR",
  languages: usualLanguage,
});

/** What may be left empty. */
const mayBeEmpty: readonly SetUpField[] = ["channel", "hours"];

/** What is said against a field, by message; null where it can be sent. */
export function setUpFault(
  field: SetUpField,
  typed: SetUpTyped,
): "missing" | "phone" | "channel" | "email" | "password" | null {
  const value = typed[field].trim();
  if (value === "") return mayBeEmpty.includes(field) ? null : "missing";
  if (field === "phone") return /^[+0-9][0-9 ()/.-]{3,38}$/.test(value) ? null : "phone";
  if (field === "channel") return /^[0-9]{1,2}[A-Za-z]?$/.test(value) ? null : "channel";
  if (field === "email") return /^[^\s@]+@[^\s@]+$/.test(value) ? null : "email";
  if (field === "password") return typed.password.length >= 12 ? null : "password";
  return null;
}

/** The step that a field is asked in. */
export const stepOf = (field: string): SetUpStep | undefined =>
  setUpSteps.find(({ fields }) => (fields as readonly string[]).includes(field))?.name;

const kept = "brinecove-set-up";

/** What was typed on this device before, without code and password; the rest as at first. */
export function typedBefore(): SetUpTyped {
  try {
    const before: unknown = JSON.parse(localStorage.getItem(kept) ?? "{}");
    const known = Object.entries(before as Record<string, unknown>).filter(
      ([field, value]) => (setUpFields as readonly string[]).includes(field) && typeof value === "string",
    );
    return { ...firstTyped(), ...(Object.fromEntries(known) as Partial<SetUpTyped>) };
  } catch {
    return firstTyped();
  }
}

/** Keeps what was typed so far, so that one can stop half-way; secrets are not among it. */
export function keepTyped({ code: _code, password: _password, ...typed }: SetUpTyped): void {
  localStorage.setItem(kept, JSON.stringify(typed));
}

export const forgetTyped = (): void => localStorage.removeItem(kept);
