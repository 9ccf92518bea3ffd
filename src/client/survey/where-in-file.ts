import type { Expected } from "@/core/yacht/note/seen";
import type { YachtFile } from "@/core/yacht/schema";

/** How many of a thing the file has, and where. */
export function whereInFile(file: YachtFile, { collection, key }: Expected): string {
  const part = (file as unknown as Record<string, Record<string, { where?: { en?: string }; expected?: number }>>)[
    collection
  ]?.[key];
  return `${part?.expected === undefined ? "" : ` × ${part.expected}`}${part?.where?.en ? `, ${part.where.en}` : ""}`;
}
