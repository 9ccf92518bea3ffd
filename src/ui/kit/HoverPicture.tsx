"use client";
import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/**
 * Shows a picture beside the words that the pointer rests on. It takes no pointer itself and is no layer of its own, so
 * that a tap on the words does what it does without it; what it shows can always be reached another way.
 */
export function HoverPicture({ src, children }: { src: string; children: ReactNode }) {
  return (
    <chakra.span className="group" position="relative" display="inline-block">
      {children}
      <chakra.span
        aria-hidden="true"
        position="absolute"
        left="100%"
        top="50%"
        transform="translateY(-50%)"
        zIndex={5}
        padding="2"
        background="paper"
        borderWidth="2px"
        borderStyle="solid"
        borderColor="kelp"
        borderRadius="4px"
        pointerEvents="none"
        display="none"
        _groupHover={{ display: "block" }}
      >
        {/* private evidence is served as it is, never through an optimiser's cache */}
        {/* eslint-disable-next-line @next/next/no-img-element */}
        <img src={src} alt="" width={240} height={180} loading="lazy" />
      </chakra.span>
    </chakra.span>
  );
}
