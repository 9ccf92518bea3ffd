import { titled } from "@/app/titled";
import { headers } from "next/headers";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { SignInForm } from "@/client/desk/SignInForm";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export const generateMetadata = titled("sign-in");

export default async function SignInPage() {
  const { signin } = await getMessages();
  return (
    <NextIntlClientProvider messages={{ signin }}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <SignInForm />
      </DeskTheme>
    </NextIntlClientProvider>
  );
}
