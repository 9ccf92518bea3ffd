import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** What stands beside the work of a desk page: who, what was agreed, what can be added. */
export function Rail({ label, gap = "2", children }: { label?: string; gap?: string; children: ReactNode }) {
  return (
    <chakra.aside
      background="rail"
      borderLeftWidth="2px"
      borderLeftStyle="solid"
      borderColor="kelp"
      padding="5"
      display="grid"
      gap={gap}
      alignContent="start"
      aria-label={label}
    >
      {children}
    </chakra.aside>
  );
}
