import { chakra } from "@chakra-ui/react";

/** What the base, or the form itself, says against what was typed; nothing where there is nothing. */
export function Fault({ words }: { words: string | null }) {
  return (
    words && (
      <chakra.p role="alert" color="alarmInk" fontWeight="600">
        {words}
      </chakra.p>
    )
  );
}
