import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One part of a desk page under its heading. */
export function DeskPart({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderTopStyle="solid"
      borderColor="kelp"
      paddingBlock="4"
      display="grid"
      gap="3"
      alignContent="start"
    >
      <h2>{title}</h2>
      {children}
    </Box>
  );
}

/** What a fact of a charter is called, and the fact. */
export function Pair({ label, children }: { label: string; children: ReactNode }) {
  return (
    <p>
      <chakra.span color="kelp2" display="inline-block" minWidth="8rem">
        {label}
      </chakra.span>{" "}
      <strong>{children}</strong>
    </p>
  );
}
