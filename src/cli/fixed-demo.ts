import { rmSync } from "node:fs";
import { resolve } from "node:path";
import { dataFolder } from "./database";
import type { Prepared } from "./prepare";
import { loadDemoIfEmpty } from "../demo/load";

/** The day of the tests and the pictures: a Saturday in June at the base. */
export const fixedNow = "2027-06-12T10:12:00Z";

/** Loads the demo on the fixed day, and sets this process's environment so that the app it starts shows just that. */
export async function loadFixedDemo({ appUrl }: Prepared, purpose: "test" | "pictures"): Promise<void> {
  const data = resolve(dataFolder(), purpose);
  rmSync(data, { recursive: true, force: true });
  Object.assign(process.env, {
    BRINECOVE_APP_DATABASE_URL: appUrl,
    BRINECOVE_DATA: data,
    BRINECOVE_DIST: ".next-test",
    BRINECOVE_NOW: fixedNow,
    BRINECOVE_LOG: "error",
  });
  await loadDemoIfEmpty();
}
