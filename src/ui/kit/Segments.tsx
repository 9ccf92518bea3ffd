"use client";
import { SegmentGroup } from "@chakra-ui/react";

interface Props<T extends string> {
  label: string;
  options: readonly { value: T; word: string }[];
  value: T | null;
  disabled?: boolean;
  onChoose: (value: T) => void;
}

/** One of a few, side by side; arrows go from one to the next. */
export function Segments<T extends string>({ label, options, value, disabled = false, onChoose }: Props<T>) {
  return (
    <SegmentGroup.Root
      aria-label={label}
      value={value}
      disabled={disabled}
      onValueChange={(chosen) => {
        const option = options.find((each) => each.value === chosen.value);
        if (option) onChoose(option.value);
      }}
    >
      {options.map((option) => (
        <SegmentGroup.Item key={option.value} value={option.value}>
          <SegmentGroup.ItemText>{option.word}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
}
