import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One part of a desk page under its heading; the first of its column has no line above it. */
export function DeskPart({
  title,
  isFirst = false,
  children,
}: {
  title: string;
  isFirst?: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      as="section"
      borderTopWidth={isFirst ? "0" : "2px"}
      borderTopStyle="solid"
      borderColor="kelp"
      paddingTop={isFirst ? "0" : "4"}
      paddingBottom="4"
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
