import { titled } from "@/app/titled";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { BoatBookShell } from "@/client/book/BoatBookShell";
import { LanguageProvider } from "@/client/language/LanguageProvider";
import { ServiceWorker } from "@/client/offline/ServiceWorker";
import { shellMessages } from "@/messages/shell";

export const generateMetadata = titled("book");

/** A shell at a fixed address without private data: everything it shows comes from the device or by the fragment. */
export default async function BoatBookShellPage() {
  return (
    <NextIntlClientProvider messages={shellMessages(await getMessages())}>
      <LanguageProvider>
        <BoatBookShell />
      </LanguageProvider>
      <ServiceWorker />
    </NextIntlClientProvider>
  );
}
