import { kindsOfMessage, namesOf, type MessageKind } from "./kinds";
import type { MessageTemplate } from "./template";

const named = /\{([^{}]*)\}/g;

/** The names that stand in braces in a text, each once. */
export const namesIn = (text: string): string[] => [
  ...new Set([...text.matchAll(named)].map(([, name]) => (name ?? "").trim())),
];

/**
 * Puts values in the place of their names. A name without a value stays as it is, so that what is secret can be filled in
 * at the last moment; braces in a value become brackets, so that a guest's name is never taken for a name of ours.
 */
export function fill(text: string, values: Readonly<Record<string, string>>): string {
  return text.replace(named, (whole: string, name: string) => {
    const key = name.trim();
    return Object.hasOwn(values, key) ? (values[key] ?? "").replaceAll("{", "(").replaceAll("}", ")") : whole;
  });
}

/** What keeps a text from being a message of its kind. */
export interface TemplateFault {
  what: "unknown-name" | "name-missing" | "secret-in-subject" | "stray-brace";
  name: string;
}

/** What is wrong with the words of a kind: a name that has no value, one that must be there, a secret in the subject, a brace alone. */
export function templateFaults(kind: MessageKind, { subject, words }: MessageTemplate): TemplateFault[] {
  const may = namesOf(kind);
  const { needs, secret } = kindsOfMessage[kind];
  const used = namesIn(`${subject}\n${words}`);
  const bare = `${subject}\n${words}`.replace(named, "");
  return [
    ...used.filter((name) => !may.includes(name)).map((name) => ({ what: "unknown-name" as const, name })),
    ...needs.filter((name) => !namesIn(words).includes(name)).map((name) => ({ what: "name-missing" as const, name })),
    ...secret
      .filter((name) => namesIn(subject).includes(name))
      .map((name) => ({ what: "secret-in-subject" as const, name })),
    ...(/[{}]/.test(bare) ? [{ what: "stray-brace" as const, name: /\{/.test(bare) ? "{" : "}" }] : []),
  ];
}
