import "server-only";
import { AppError } from "@/api/app-error";
import { throttleAddress } from "../auth/throttle";
import { tokenHash } from "../auth/token";
import { trySetUp } from "../db/set-up";

/** A code as it is kept: however it was typed, with blanks and small letters. */
export const codeHash = (code: string): string => tokenHash(code.toUpperCase().replaceAll(/[^A-Z0-9]/g, ""));

/**
 * Refuses a set-up code that is not the one that was printed.
 *
 * @throws AppError `set-up-closed` after ten wrong ones, until Brinecove is started anew
 */
export async function needSetUpCode(code: string): Promise<void> {
  await throttleAddress("set-up");
  const state = await trySetUp(codeHash(code));
  if (state === "right") return;
  throw new AppError(state === "wrong" ? "set-up-wrong" : "set-up-closed", {}, "code");
}
