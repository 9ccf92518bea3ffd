import "server-only";
import { Refusal } from "./refusal";

/** An id from an address; refuses what is none, before the database is asked. */
export function idParam(text: string): string {
  if (!/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(text))
    throw new Refusal(404, "no-such-thing", "There is nothing at this address.");
  return text;
}
