"use client";
import { Button, Dialog as Part, Portal } from "@chakra-ui/react";
import type { ReactNode } from "react";

interface Props {
  title: string;
  closeWord: string;
  onClose: () => void;
  children: ReactNode;
  /** the one thing to do, at the foot */
  foot?: ReactNode;
  /** at the side of the page over its whole height, and what it stands beside stays in sight */
  atSide?: boolean;
}

const side = {
  backdrop: { background: "rgb(16 48 43 / 0.2)" },
  positioner: { placeItems: "stretch end", padding: "0" },
  content: {
    width: "min(480px, 100%)",
    maxHeight: "100dvh",
    height: "100dvh",
    borderRadius: "0",
    borderWidth: "0 0 0 2px",
  },
} as const;

/** Asks or shows one thing over the page. Escape closes it and the focus goes back to where it was. */
export function Dialog({ title, closeWord, onClose, children, foot, atSide = false }: Props) {
  return (
    <Part.Root
      open
      onOpenChange={({ open }) => {
        if (!open) onClose();
      }}
    >
      <Portal>
        <Part.Backdrop {...(atSide ? side.backdrop : {})} />
        <Part.Positioner {...(atSide ? side.positioner : {})}>
          <Part.Content {...(atSide ? side.content : {})}>
            <Part.Header>
              <Part.Title>{title}</Part.Title>
              <Part.CloseTrigger asChild>
                <Button flex="none">{closeWord}</Button>
              </Part.CloseTrigger>
            </Part.Header>
            <Part.Body>{children}</Part.Body>
            {foot && <Part.Footer>{foot}</Part.Footer>}
          </Part.Content>
        </Part.Positioner>
      </Portal>
    </Part.Root>
  );
}
