/** Where in a document: a JSON pointer of at least two steps, a part of a collection or a field of one. */
export const pointerPattern = "^(/[A-Za-z0-9-]{1,80}){2,8}$";

const stepsOf = (path: string): string[] => path.split("/").slice(1);
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** What stands at a place of a document; null where nothing does. A file holds no nulls. */
export function valueAt(document: unknown, path: string): unknown {
  let value = document;
  for (const step of stepsOf(path)) {
    if (Array.isArray(value)) value = /^\d+$/.test(step) ? value[Number(step)] : undefined;
    else value = isObject(value) && Object.hasOwn(value, step) ? value[step] : undefined;
    if (value === undefined) return null;
  }
  return value;
}

/**
 * The document with something else at a place, the rest the same objects as before; null takes away what stands there.
 *
 * @throws RangeError where the place's parent is not there, or a list has no such entry
 */
export function withValue(document: unknown, path: string, to: unknown): unknown {
  return put(document, stepsOf(path), to, path);
}

function put(part: unknown, [step = "", ...rest]: string[], to: unknown, path: string): unknown {
  if (Array.isArray(part)) {
    const index = /^\d+$/.test(step) ? Number(step) : -1;
    if (index < 0 || index > part.length || (index === part.length && (rest.length > 0 || to === null)))
      throw new RangeError(`${path}: the list has no entry ${step}`);
    if (rest.length === 0)
      return to === null
        ? part.filter((_, at) => at !== index)
        : [...part.slice(0, index), to, ...part.slice(index + 1)];
    return part.map((each, at) => (at === index ? put(each, rest, to, path) : (each as unknown)));
  }
  if (!isObject(part)) throw new RangeError(`${path}: nothing stands there to be changed`);
  if (rest.length > 0) return { ...part, [step]: put(part[step], rest, to, path) };
  if (to !== null) return { ...part, [step]: to };
  const { [step]: _gone, ...others } = part;
  return others;
}
