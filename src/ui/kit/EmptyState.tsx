"use client";
import { EmptyState as Part } from "@chakra-ui/react";
import type { LucideIcon } from "lucide-react";
import type { ReactNode } from "react";

interface Props {
  sign: LucideIcon;
  title: string;
  /** why there is nothing, or what one does next */
  words?: string;
  children?: ReactNode;
}

/** Says that there is nothing here, and what that means. */
export function EmptyState({ sign: Sign, title, words, children }: Props) {
  return (
    <Part.Root>
      <Part.Content>
        <Part.Indicator>
          <Sign size={32} aria-hidden="true" />
        </Part.Indicator>
        <div>
          <Part.Title>{title}</Part.Title>
          {words && <Part.Description>{words}</Part.Description>}
        </div>
        {children}
      </Part.Content>
    </Part.Root>
  );
}
