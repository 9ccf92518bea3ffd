import "server-only";
import { YachtFile } from "@/core/yacht/schema";
import { upgradeYachtFile } from "@/core/yacht/upgrade";
import { parseAs, SchemaMismatch } from "@/formats/validate";
import { AppError } from "@/api/app-error";

/** Takes an unknown document as a yacht file, in any form that was ever published, or refuses it with the place. */
export function parseYachtFile(document: unknown): YachtFile {
  try {
    return parseAs(YachtFile, upgradeYachtFile(document));
  } catch (error) {
    if (error instanceof SchemaMismatch) throw new AppError("wrong-file", { what: error.message }, error.where);
    throw error;
  }
}
