"use client";
import { PageStopped } from "@/client/frame/PageStopped";

/** Within the desk's frame, so that one can go elsewhere. */
export default function DeskError({ reset }: { error: Error; reset: () => void }) {
  return <PageStopped onAgain={reset} />;
}
