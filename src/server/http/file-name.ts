import "server-only";
import type { FileName } from "@/formats/draft";
import { Refusal } from "./refusal";

/** What an address of a draft names: whose file it is. */
export interface DraftContext {
  params: Promise<{ of: string; slug: string }>;
}

/** Whose file an address names; refuses what is neither a yacht's nor a class's. */
export async function fileNameOf({ params }: DraftContext): Promise<FileName> {
  const { of, slug } = await params;
  if (of !== "yachts" && of !== "classes")
    throw new Refusal(404, "no-such-file", "A draft is of a yacht or of a class.");
  return { of, slug };
}
