"use client";
import { NumberInput } from "@chakra-ui/react";

interface Props {
  label: string;
  words: { less: string; more: string };
  value: number;
  min: number;
  max: number;
  step: number;
  disabled?: boolean;
  onChange: (value: number) => void;
}

/** A number with a step down and a step up; what is typed beyond its bounds goes back to them when the field is left. */
export function NumberField({ label, words, value, min, max, step, disabled = false, onChange }: Props) {
  return (
    <NumberInput.Root
      value={String(value)}
      min={min}
      max={max}
      step={step}
      disabled={disabled}
      onValueChange={({ valueAsNumber }) => {
        if (valueAsNumber >= min && valueAsNumber <= max) onChange(valueAsNumber);
      }}
    >
      <NumberInput.DecrementTrigger aria-label={words.less}>−</NumberInput.DecrementTrigger>
      <NumberInput.Input aria-label={label} />
      <NumberInput.IncrementTrigger aria-label={words.more}>+</NumberInput.IncrementTrigger>
    </NumberInput.Root>
  );
}
