import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { titled } from "@/app/titled";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { SetUp } from "@/client/set-up/SetUp";
import { setUpWaits } from "@/server/db/set-up";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export const generateMetadata = titled("set-up");
// whether there is anything to set up is asked each time
export const dynamic = "force-dynamic";

export default async function SetUpPage() {
  if (!(await setUpWaits())) redirect("/sign-in");
  const { "set-up": setUp, form, desk, done } = await getMessages();
  return (
    <NextIntlClientProvider messages={{ "set-up": setUp, form, desk, done }}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <SetUp />
        </DeskQueries>
      </DeskTheme>
    </NextIntlClientProvider>
  );
}
