import "@testing-library/jest-dom";
import { ChakraProvider } from "@chakra-ui/react";
import { configure, render } from "@testing-library/react";
import userEvent, { type UserEvent } from "@testing-library/user-event";
import { NextIntlClientProvider } from "next-intl";
import type { ReactNode } from "react";
import type { Role } from "@/api/permissions";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { StaffRoles } from "@/client/desk/shared/staff";
import { HandoverContext } from "@/client/store/handover-context";
import type { HandoverStore } from "@/client/store/handover-store";
import { en as messages } from "@/messages/en";
import { system } from "@/ui/theme/system";

// a second is enough on an idle machine, and not where two workers, a build and a database share two cores
configure({ asyncUtilTimeout: 15_000 });

const words = (children: ReactNode) => (
  <NextIntlClientProvider locale="en-GB" messages={messages} timeZone="Atlantic/Azores">
    {children}
  </NextIntlClientProvider>
);

/** Draws a part of the screen with the words of the catalogue; gives the person at it. */
export function draw(part: ReactNode): UserEvent {
  render(words(part));
  return userEvent.setup();
}

/** Draws a part of a handover's screen on a store of this device. */
export const drawOn = (store: HandoverStore, part: ReactNode): UserEvent =>
  draw(<HandoverContext value={store}>{part}</HandoverContext>);

/** Draws a part of the desk as somebody of these roles sees it. */
export const drawDesk = (part: ReactNode, roles: readonly Role[] = ["manager"]): UserEvent =>
  draw(
    <ChakraProvider value={system}>
      <StaffRoles roles={roles}>
        <DeskQueries>{part}</DeskQueries>
      </StaffRoles>
    </ChakraProvider>,
  );

/** What the base was asked, newest last, and what it answers next. */
export interface Wire {
  asked: { method: string; path: string; body: unknown }[];
  /** under which key each was sent, by which the base does nothing twice */
  onceKeys: (string | undefined)[];
  /** in which language each was asked */
  languages: (string | undefined)[];
  answer: (status: number, body: unknown) => void;
}

/** Stands in for the connection to the base. Until told otherwise there is none. */
export function wire(): Wire {
  let next: (() => Promise<Response>) | null = null;
  const asked: Wire["asked"] = [];
  const onceKeys: Wire["onceKeys"] = [];
  const languages: Wire["languages"] = [];
  globalThis.fetch = ((path: string, init: RequestInit = {}) => {
    const body = typeof init.body === "string" ? (JSON.parse(init.body) as unknown) : init.body;
    asked.push({ method: init.method ?? "GET", path: String(path), body });
    const headers = init.headers as Record<string, string> | undefined;
    onceKeys.push(headers?.["idempotency-key"]);
    languages.push(headers?.["accept-language"]);
    return next ? next() : Promise.reject(new TypeError("no signal"));
  }) as typeof fetch;
  return {
    asked,
    onceKeys,
    languages,
    answer: (status, body) => {
      const said = { ok: status < 400, status, json: () => Promise.resolve(body) } as unknown as Response;
      next = () => Promise.resolve(said);
    },
  };
}
