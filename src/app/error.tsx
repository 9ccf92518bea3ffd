"use client";
import { PageStopped } from "@/client/frame/PageStopped";

export default function PageError({ reset }: { error: Error; reset: () => void }) {
  return <PageStopped onAgain={reset} />;
}
