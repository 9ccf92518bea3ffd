import "server-only";
import { headers } from "next/headers";

/**
 * From where a request comes, as the proxy in front of us says; null without one. A proxy adds the address it saw at the
 * end, so that what a stranger wrote there before it counts for nothing.
 */
export async function callerAddress(): Promise<string | null> {
  // without a proxy everything comes from the machine itself, and anybody could write this header
  if (!process.env.ORIGIN) return null;
  return (await headers()).get("x-forwarded-for")?.split(",").at(-1)?.trim() || null;
}
