"use client";
import { Timeline as Part } from "@chakra-ui/react";
import type { ReactNode } from "react";

export interface Moment {
  id: string;
  title: ReactNode;
  detail: string;
  children?: ReactNode;
}

/** What was done when, by whom; newest first. */
export function Timeline({ label, moments }: { label: string; moments: readonly Moment[] }) {
  return (
    <Part.Root as="ol" aria-label={label}>
      {moments.map(({ id, title, detail, children }) => (
        <Part.Item as="li" key={id}>
          <Part.Connector>
            <Part.Separator />
            <Part.Indicator />
          </Part.Connector>
          <Part.Content>
            <Part.Title>{title}</Part.Title>
            <Part.Description>{detail}</Part.Description>
            {children}
          </Part.Content>
        </Part.Item>
      ))}
    </Part.Root>
  );
}
