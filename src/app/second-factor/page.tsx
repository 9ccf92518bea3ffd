import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { NextIntlClientProvider } from "next-intl";
import { getMessages } from "next-intl/server";
import { titled } from "@/app/titled";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { FactorDue } from "@/client/people/FactorDue";
import { staffSession } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { factorState } from "@/server/auth/second-factor";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export const generateMetadata = titled("second-factor");

export default async function SecondFactorPage() {
  const session = await staffSession();
  if (!session) redirect("/sign-in");
  const { timeZone, state } = await inBaseTransaction(session.baseId, async (db) => ({
    timeZone: (await currentBase(db)).timeZone,
    state: await factorState(db, session.personId),
  }));
  const { "second-factor": words, form, desk, done } = await getMessages();
  return (
    <NextIntlClientProvider messages={{ "second-factor": words, form, desk, done }}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <FactorDue state={state} timeZone={timeZone} />
        </DeskQueries>
      </DeskTheme>
    </NextIntlClientProvider>
  );
}
