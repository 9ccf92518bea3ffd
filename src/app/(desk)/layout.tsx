import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { getLocale } from "next-intl/server";
import type { ReactNode } from "react";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { DeskMessages } from "@/client/desk/DeskMessages";
import { DeskFrame } from "@/client/desk/DeskFrame";
import { staffSession } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { inBaseTransaction } from "@/server/db/pool";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export default async function DeskLayout({ children }: { children: ReactNode }) {
  const session = await staffSession();
  if (!session) redirect("/sign-in");
  const { isDemo } = await inBaseTransaction(session.baseId, currentBase);
  return (
    <DeskMessages locale={await getLocale()}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <DeskFrame person={session.personId} name={session.name} roles={session.roles} isDemo={isDemo}>
            {children}
          </DeskFrame>
        </DeskQueries>
      </DeskTheme>
    </DeskMessages>
  );
}
