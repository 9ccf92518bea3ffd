import { Box, chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** One calendar in a list: what it is, what is known of it, and what can be done. */
export function FeedRow({
  name,
  about,
  fault,
  children,
}: {
  name: string;
  about: string;
  fault?: string | null;
  children: ReactNode;
}) {
  return (
    <chakra.li
      display="flex"
      flexWrap="wrap"
      gap="2 16px"
      alignItems="center"
      justifyContent="space-between"
      borderTopWidth="1px"
      borderTopStyle="solid"
      borderColor="line"
      paddingTop="3"
    >
      <Box flex="1 1 16rem" overflowWrap="anywhere">
        <p>
          <strong>{name}</strong>
        </p>
        <p>{about}</p>
        {fault && (
          <chakra.p color="alarmInk" fontWeight="600">
            {fault}
          </chakra.p>
        )}
      </Box>
      <Box display="flex" gap="2">
        {children}
      </Box>
    </chakra.li>
  );
}
