"use client";
import { Button, Menu as Part, Portal } from "@chakra-ui/react";
import { ChevronDown } from "lucide-react";

/** One entry: it goes somewhere, does something, or is on or off. */
export type MenuEntry =
  | { word: string; href: string; inNewTab?: boolean }
  | { word: string; onChoose: () => void }
  | { word: string; on: boolean; onTurn: (on: boolean) => void };

/** A button that opens what else can be done. Arrows and first letters choose, Escape closes. */
export function Menu({ label, entries }: { label: string; entries: readonly MenuEntry[] }) {
  return (
    <Part.Root positioning={{ placement: "bottom-end" }}>
      <Part.Trigger asChild>
        <Button>
          {label} <ChevronDown size={18} aria-hidden="true" />
        </Button>
      </Part.Trigger>
      <Portal>
        <Part.Positioner>
          <Part.Content>
            {entries.map((entry) => (
              <Entry key={entry.word} entry={entry} />
            ))}
          </Part.Content>
        </Part.Positioner>
      </Portal>
    </Part.Root>
  );
}

function Entry({ entry }: { entry: MenuEntry }) {
  if ("href" in entry)
    return (
      <Part.Item value={entry.word} asChild>
        <a href={entry.href} {...(entry.inNewTab ? { target: "_blank", rel: "noreferrer" } : {})}>
          {entry.word}
        </a>
      </Part.Item>
    );
  if ("on" in entry)
    return (
      <Part.CheckboxItem value={entry.word} checked={entry.on} onCheckedChange={entry.onTurn} closeOnSelect={false}>
        <Part.ItemText>{entry.word}</Part.ItemText>
        <Part.ItemIndicator aria-hidden="true">✓</Part.ItemIndicator>
      </Part.CheckboxItem>
    );
  return (
    <Part.Item value={entry.word} onSelect={entry.onChoose}>
      {entry.word}
    </Part.Item>
  );
}
