import mergePatch from "json-merge-patch";
import { same } from "./changes";

/**
 * The resolved document of a yacht: its class's document with the yacht's own differences laid over it
 * (JSON Merge Patch, RFC 7396). Neither input is changed.
 */
export function resolveYacht(classDocument: unknown, patch: Record<string, unknown>): unknown {
  return mergePatch.apply(structuredClone(classDocument) as object, structuredClone(patch));
}

/**
 * The smallest patch that makes a file out of its class's document: `resolveYacht(classDocument, patchBetween(classDocument, file))`
 * is the file again. Lists are taken whole, as the standard has it; a file holds no nulls.
 */
export function patchBetween(classDocument: unknown, file: unknown): Record<string, unknown> {
  const patch: Record<string, unknown> = {};
  const [from, to] = [classDocument as Record<string, unknown>, file as Record<string, unknown>];
  for (const key of new Set([...Object.keys(from), ...Object.keys(to)])) {
    if (!Object.hasOwn(to, key)) patch[key] = null;
    else if (isObject(from[key]) && isObject(to[key])) {
      const inner = patchBetween(from[key], to[key]);
      if (Object.keys(inner).length > 0) patch[key] = inner;
    } else if (!same(from[key], to[key])) patch[key] = to[key];
  }
  return patch;
}

const isObject = (value: unknown) => typeof value === "object" && value !== null && !Array.isArray(value);
