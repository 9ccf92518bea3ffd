/** One way to change a JSON document: where, how, and what comes of it. */
export interface Tampering {
  path: string;
  how: "changed" | "removed" | "doubled" | "swapped";
  text: string;
}

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Step = string | number;

/** Every way to change one file of a zip: a byte of it, taken out, put in under a second name, changed for its neighbour. */
export function* fileTamperings(
  parts: Record<string, Uint8Array>,
): Generator<{ path: string; how: Tampering["how"]; parts: Record<string, Uint8Array> }> {
  const names = Object.keys(parts);
  for (const [at, name] of names.entries()) {
    const { [name]: own = new Uint8Array(), ...others } = parts;
    const next = names[(at + 1) % names.length] ?? name;
    const bytes = Uint8Array.from(own);
    bytes[bytes.length >> 1] = (bytes[bytes.length >> 1] ?? 0) ^ 1;
    yield { path: name, how: "changed", parts: { ...parts, [name]: bytes } };
    yield { path: name, how: "removed", parts: others };
    yield { path: name, how: "doubled", parts: { ...parts, [`${name}.copy`]: own } };
    yield { path: name, how: "swapped", parts: { ...parts, [name]: parts[next] ?? own, [next]: own } };
  }
}

/**
 * Whether a change of a record that stands alone as JSON says something else than was signed: what was added since is
 * covered by the receipt alone, and the order of entries and signatures says nothing.
 */
export const countsAlone = ({ path, how }: Pick<Tampering, "path" | "how">): boolean =>
  !path.startsWith("addenda") && !(how === "swapped" && /^(entries|signatures)\/\d+$/.test(path));

/**
 * Every way to change one leaf or one member of a JSON document: another value, taken out, put in twice, changed for its
 * neighbour.
 *
 * @param every takes each n-th of them, from the first
 */
export function* tamperings(text: string, every = 1): Generator<Tampering> {
  let at = 0;
  const steps = [...stepsIn(JSON.parse(text) as Json)];
  for (const path of steps)
    for (const how of ["changed", "removed", "doubled", "swapped"] as const) {
      if (at++ % every !== 0) continue;
      const done = tampered(JSON.parse(text) as Json, path, how);
      if (done !== null && done !== text) yield { path: path.join("/"), how, text: done };
    }
}

function* stepsIn(value: Json, before: Step[] = []): Generator<Step[]> {
  if (before.length > 0) yield before;
  if (value === null || typeof value !== "object") return;
  const members: [Step, Json][] = Array.isArray(value) ? [...value.entries()] : Object.entries(value);
  for (const [step, member] of members) yield* stepsIn(member, [...before, step]);
}

/** The document with one member changed in one way; null where that way makes no sense there. */
function tampered(root: Json, path: readonly Step[], how: Tampering["how"]): string | null {
  const parent = path.slice(0, -1).reduce<Json>((value, step) => (value as Record<Step, Json>)[step] as Json, root);
  const last = path.at(-1) as Step;
  if (Array.isArray(parent)) {
    const index = last as number;
    const own = parent[index] as Json;
    if (how === "changed") parent[index] = another(own);
    else if (how === "removed") parent.splice(index, 1);
    else if (how === "doubled") parent.splice(index, 0, own);
    else if (parent.length < 2 || JSON.stringify(parent[(index + 1) % parent.length]) === JSON.stringify(own))
      return null;
    else [parent[index], parent[(index + 1) % parent.length]] = [parent[(index + 1) % parent.length] as Json, own];
    return JSON.stringify(root);
  }
  const object = parent as Record<string, Json>;
  const key = String(last);
  const own = object[key] as Json;
  if (how === "changed") object[key] = another(own);
  else if (how === "removed") delete object[key];
  else if (how === "doubled") {
    // the same key twice, the second with another value: a careless reader takes that one
    const marker = "\u0001twice";
    object[key] = marker;
    const value = JSON.stringify(own);
    return JSON.stringify(root).replace(
      JSON.stringify(marker),
      () => `${value},${JSON.stringify(key)}:${JSON.stringify(another(own))}`,
    );
  } else return null;
  return JSON.stringify(root);
}

/** Another value of the same kind. */
function another(value: Json): Json {
  if (value === null) return "x";
  switch (typeof value) {
    case "boolean":
      return !value;
    case "number":
      return value + 1;
    case "string":
      return value === "" ? "x" : value.slice(0, -1) + (value.endsWith("0") ? "1" : "0");
    default:
      return Array.isArray(value) ? [...value, "x"] : { ...value, x: 1 };
  }
}
