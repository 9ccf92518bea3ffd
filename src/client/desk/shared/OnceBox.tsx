import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** What is shown this once: a link, a PIN, codes. It is read out when it comes. */
export function OnceBox({ children }: { children: ReactNode }) {
  return (
    <Box
      role="status"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="kelp"
      background="soft"
      padding="3"
      display="grid"
      gap="2"
      justifyItems="start"
      overflowWrap="anywhere"
    >
      {children}
    </Box>
  );
}
