import { headers } from "next/headers";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { titled } from "@/app/titled";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { InvitationPage } from "@/client/people/InvitationPage";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export const generateMetadata = titled("invitation");

export default async function InvitationRoute() {
  const { invitation, form, desk, done } = await getMessages();
  return (
    <NextIntlClientProvider messages={{ invitation, form, desk, done }}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <InvitationPage />
        </DeskQueries>
      </DeskTheme>
    </NextIntlClientProvider>
  );
}
