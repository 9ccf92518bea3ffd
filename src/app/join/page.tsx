import { titled } from "@/app/titled";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { LanguageProvider } from "@/client/language/LanguageProvider";
import { JoinShell } from "@/client/join/JoinShell";
import { ServiceWorker } from "@/client/offline/ServiceWorker";
import { shellMessages } from "@/messages/shell";

export const generateMetadata = titled("join");

/** A shell at a fixed address: crew join a check-in with the code that the briefer shows. */
export default async function JoinPage() {
  return (
    <NextIntlClientProvider messages={shellMessages(await getMessages())}>
      <LanguageProvider>
        <JoinShell />
      </LanguageProvider>
      <ServiceWorker />
    </NextIntlClientProvider>
  );
}
