import { Type } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { Key, OutOfUse, strict, System } from "./basics";

const line = (most: number) => Type.String({ minLength: 1, maxLength: most, pattern: "\\S" });

/** What the base keeps of a device: who made it, its number, its papers, and what is aboard to mend it. */
export const Equipment = strict({
  name: Words,
  system: System,
  place: Key,
  maker: Type.Optional(line(60)),
  model: Type.Optional(line(60)),
  serial: Type.Optional(line(60)),
  /** its manual, a PDF that was kept, by its hash */
  manual: Type.Optional(Type.String({ pattern: "^[0-9a-f]{64}$" })),
  /** where the printed one lies */
  manualAt: Type.Optional(Words),
  warrantyUntil: Type.Optional(Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}$" })),
  /** the fuse or breaker that protects it */
  fuse: Type.Optional(Key),
  /** the spare for that fuse, and other spares aboard, as they stand in the inventory */
  fuseSpare: Type.Optional(Key),
  spares: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 12 })),
  outOfUse: Type.Optional(OutOfUse),
});
