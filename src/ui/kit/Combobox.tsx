"use client";
import { Combobox as Part, createListCollection, useCombobox } from "@chakra-ui/react";
import { useEffect, useMemo } from "react";

export interface Found {
  value: string;
  title: string;
  detail: string;
}

interface Props {
  label: string;
  hint: string;
  /** what is said where nothing fits */
  none: string;
  found: readonly Found[];
  onType: (text: string) => void;
  onChoose: (value: string) => void;
}

/** A field that finds as one types, with what it found below it. Arrows choose, Enter takes. */
export function Combobox({ label, hint, none, found, onType, onChoose }: Props) {
  const collection = useMemo(
    () => createListCollection({ items: [...found], itemToString: ({ title }) => title }),
    [found],
  );
  const combobox = useCombobox({
    open: true,
    collection,
    value: [],
    selectionBehavior: "preserve",
    onInputValueChange: ({ inputValue, reason }) => {
      if (reason === "input-change") onType(inputValue);
    },
    onValueChange: ({ value: [chosen] }) => {
      if (chosen !== undefined) onChoose(chosen);
    },
  });
  const { setHighlightValue } = combobox;
  // what fits comes after the letters: the first of it is lit when it is there
  useEffect(() => {
    const [first] = found;
    if (first) setHighlightValue(first.value);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the library makes its functions anew each time
  }, [found]);
  return (
    <Part.RootProvider value={combobox}>
      <Part.Label>{label}</Part.Label>
      <Part.Control>
        <Part.Input placeholder={hint} maxLength={80} data-autofocus />
      </Part.Control>
      <p role="status">{none}</p>
      <Part.Content>
        {found.map((each) => (
          <Part.Item key={each.value} item={each}>
            <strong>{each.title}</strong>
            <span>{each.detail}</span>
          </Part.Item>
        ))}
      </Part.Content>
    </Part.RootProvider>
  );
}
