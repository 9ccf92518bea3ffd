"use client";
import { Progress as Part } from "@chakra-ui/react";

/** How much of something is done, in words and as a bar. */
export function Progress({ label, done, of }: { label: string; done: number; of: number }) {
  return (
    <Part.Root value={done} max={of}>
      <Part.Label>{label}</Part.Label>
      <Part.Track aria-label={label}>
        <Part.Range />
      </Part.Track>
    </Part.Root>
  );
}
