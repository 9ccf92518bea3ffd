"use client";
import { chakra } from "@chakra-ui/react";
import { CheckRow } from "../shared/CheckRow";

/** Several things to choose of, each with a tick. */
export function Choices<T extends string>({
  label,
  options,
  words,
  chosen,
  onChoose,
}: {
  label: string;
  options: readonly T[];
  words: (option: T) => string;
  chosen: readonly T[];
  onChoose: (chosen: T[]) => void;
}) {
  return (
    <chakra.fieldset border="0" padding="0" display="grid" justifyItems="start">
      <chakra.legend fontWeight="600">{label}</chakra.legend>
      {options.map((option) => (
        <CheckRow
          key={option}
          checked={chosen.includes(option)}
          onChange={(isChosen) =>
            onChoose(options.filter((each) => (each === option ? isChosen : chosen.includes(each))))
          }
        >
          {words(option)}
        </CheckRow>
      ))}
    </chakra.fieldset>
  );
}
