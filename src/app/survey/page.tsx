import type { Metadata } from "next";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { ServiceWorker } from "@/client/offline/ServiceWorker";
import { SurveyShell } from "@/client/survey/SurveyShell";
import { shellMessages } from "@/messages/shell";

export const metadata: Metadata = { title: "Walk her" };

/** A shell at a fixed address without private data: everything it shows comes from the device or by the fragment. */
export default async function SurveyShellPage() {
  return (
    <NextIntlClientProvider messages={shellMessages(await getMessages())}>
      <SurveyShell />
      <ServiceWorker />
    </NextIntlClientProvider>
  );
}
