import { titled } from "@/app/titled";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { AboardShell } from "@/client/aboard/AboardShell";
import { LanguageProvider } from "@/client/language/LanguageProvider";
import { ServiceWorker } from "@/client/offline/ServiceWorker";
import { shellMessages } from "@/messages/shell";

export const generateMetadata = titled("aboard");

/** A shell at a fixed address without private data: everything it shows comes from the device or by the fragment. */
export default async function AboardShellPage() {
  return (
    <NextIntlClientProvider messages={shellMessages(await getMessages())}>
      <LanguageProvider>
        <AboardShell />
      </LanguageProvider>
      <ServiceWorker />
    </NextIntlClientProvider>
  );
}
