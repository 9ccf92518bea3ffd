"use client";
import { ChakraProvider } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { EmotionRegistry } from "./EmotionRegistry";
import { system } from "./system";

/** Chakra with our system, for the desk's pages. */
export function DeskTheme({ nonce, children }: { nonce: string; children: ReactNode }) {
  return (
    <EmotionRegistry nonce={nonce}>
      <ChakraProvider value={system}>{children}</ChakraProvider>
    </EmotionRegistry>
  );
}
