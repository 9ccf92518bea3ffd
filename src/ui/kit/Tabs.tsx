"use client";
import { Tabs as Part } from "@chakra-ui/react";
import type { ReactNode } from "react";

interface Props<T extends string> {
  label: string;
  tabs: readonly { value: T; word: string; shown: ReactNode }[];
  value: T;
  onChoose: (value: T) => void;
}

/** Parts of one thing, one of which is shown. */
export function Tabs<T extends string>({ label, tabs, value, onChoose }: Props<T>) {
  return (
    <Part.Root
      value={value}
      lazyMount
      onValueChange={(chosen) => {
        const tab = tabs.find((each) => each.value === chosen.value);
        if (tab) onChoose(tab.value);
      }}
    >
      <Part.List aria-label={label}>
        {tabs.map((tab) => (
          <Part.Trigger key={tab.value} value={tab.value}>
            {tab.word}
          </Part.Trigger>
        ))}
      </Part.List>
      {tabs.map((tab) => (
        <Part.Content key={tab.value} value={tab.value}>
          {tab.shown}
        </Part.Content>
      ))}
    </Part.Root>
  );
}
