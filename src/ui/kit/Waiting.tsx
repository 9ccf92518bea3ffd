"use client";
import { Box, Skeleton } from "@chakra-ui/react";

const widths = ["40%", "100%", "100%", "100%", "100%", "100%", "100%", "100%"];

/** Stands where a page will be, in the shape of a title over rows, and says what is coming. */
export function Waiting({ words }: { words: string }) {
  return (
    <Box as="main" padding="5" display="grid" gap="3" aria-busy="true">
      <p role="status">{words}</p>
      {widths.map((width, row) => (
        <Skeleton key={row} height={row === 0 ? "34px" : "44px"} width={width} />
      ))}
    </Box>
  );
}
