import type { Finder } from "@/core/yacht/finder/finder";
import type { YachtFile } from "@/core/yacht/schema";

const made = new WeakMap<YachtFile, Promise<Finder>>();

/** When nothing on the screen waits: making an index takes a moment. */
const idle = () =>
  new Promise<void>((done) => {
    if ("requestIdleCallback" in window) requestIdleCallback(() => done(), { timeout: 1500 });
    else setTimeout(done);
  });

async function make(file: YachtFile): Promise<Finder> {
  const [{ makeFinder }] = await Promise.all([import("@/core/yacht/finder/finder"), idle()]);
  return makeFinder(file);
}

/** The finder of a yacht's file: made once, apart from the page's first load, and kept as long as the file is. */
export function finderOf(file: YachtFile): Promise<Finder> {
  const known = made.get(file) ?? make(file);
  made.set(file, known);
  // what could not be loaded is tried again the next time
  known.catch(() => made.delete(file));
  return known;
}
