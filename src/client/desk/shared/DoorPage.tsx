import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { brand } from "@/ui/brand";
import { BrandMark } from "@/ui/BrandMark";

/** A page by which one comes in before one is signed in: whose it is, and one thing to do. */
export function DoorPage({ children }: { children: ReactNode }) {
  return (
    <chakra.main
      minHeight="100dvh"
      display="grid"
      justifyItems="center"
      alignContent="start"
      padding={{ base: "4", md: "8" }}
    >
      <Box display="grid" gap="5" width="100%" maxWidth="34rem">
        <Box display="flex" alignItems="center" gap="3">
          <BrandMark size={48} />
          <chakra.span fontSize="1.375rem" fontWeight="700">
            {brand}
          </chakra.span>
        </Box>
        {children}
      </Box>
    </chakra.main>
  );
}
