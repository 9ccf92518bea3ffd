import { titled } from "@/app/titled";
import { headers } from "next/headers";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { SignInForm } from "@/client/desk/SignInForm";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export const generateMetadata = titled("sign-in");

export default async function SignInPage() {
  const { signin, form, desk, done } = await getMessages();
  return (
    <NextIntlClientProvider messages={{ signin, form, desk, done }}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <SignInForm />
        </DeskQueries>
      </DeskTheme>
    </NextIntlClientProvider>
  );
}
