import type { ReactNode } from "react";
import type { FieldSpec } from "@/core/yacht/draft/fields";

/** What the input of one field is given. */
export interface FieldPart {
  /** where it stands, as a JSON pointer */
  path: string;
  field: FieldSpec;
  /** its name, and what its label says: also that it may stay empty */
  name: string;
  label: string;
  value: unknown;
  error: string | null;
  /** keeps a value in the draft; null takes it out */
  put: (to: unknown) => Promise<boolean>;
  /** the fields of a part within this one */
  nested: (path: string, fields: readonly FieldSpec[]) => ReactNode;
}
