import { titled } from "@/app/titled";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { ServiceWorker } from "@/client/offline/ServiceWorker";
import { SurveyShell } from "@/client/survey/SurveyShell";
import { shellMessages } from "@/messages/shell";

export const generateMetadata = titled("survey");

/** A shell at a fixed address without private data: everything it shows comes from the device or by the fragment. */
export default async function SurveyShellPage() {
  return (
    <NextIntlClientProvider messages={shellMessages(await getMessages())}>
      <SurveyShell />
      <ServiceWorker />
    </NextIntlClientProvider>
  );
}
