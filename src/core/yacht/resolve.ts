import mergePatch from "json-merge-patch";

/**
 * The resolved document of a yacht: its class's document with the yacht's own differences laid over it
 * (JSON Merge Patch, RFC 7396). Neither input is changed.
 */
export function resolveYacht(classDocument: unknown, patch: Record<string, unknown>): unknown {
  return mergePatch.apply(structuredClone(classDocument) as object, structuredClone(patch));
}
