"use client";
import { Box, chakra } from "@chakra-ui/react";

interface Props<T extends string> {
  label: string;
  /** everything that can be ticked, in its order */
  options: readonly { value: T; word: string }[];
  ticked: readonly T[];
  disabled: boolean;
  onChange: (ticked: T[]) => void;
}

/** Several of many, ticked; they keep their order. */
export function CheckList<T extends string>({ label, options, ticked, disabled, onChange }: Props<T>) {
  const choose = (value: T, isOn: boolean) =>
    onChange(options.map((each) => each.value).filter((each) => (each === value ? isOn : ticked.includes(each))));
  return (
    <Box role="group" aria-label={label} display="grid" gridTemplateColumns="1fr 1fr" gap="0 24px">
      {options.map(({ value, word }) => (
        <chakra.label key={value} display="flex" gap="3" alignItems="center" minHeight="44px">
          <input
            type="checkbox"
            checked={ticked.includes(value)}
            disabled={disabled}
            onChange={(event) => choose(value, event.target.checked)}
          />
          {word}
        </chakra.label>
      ))}
    </Box>
  );
}
