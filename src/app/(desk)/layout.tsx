import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { getLocale } from "next-intl/server";
import type { ReactNode } from "react";
import { DeskQueries } from "@/client/desk/DeskQueries";
import { DeskMessages } from "@/client/desk/DeskMessages";
import { DeskFrame } from "@/client/desk/DeskFrame";
import { staffSession } from "@/server/auth/session";
import { DeskTheme } from "@/ui/theme/DeskTheme";

export default async function DeskLayout({ children }: { children: ReactNode }) {
  const session = await staffSession();
  if (!session) redirect("/sign-in");
  return (
    <DeskMessages locale={await getLocale()}>
      <DeskTheme nonce={(await headers()).get("x-nonce") ?? ""}>
        <DeskQueries>
          <DeskFrame person={session.personId} name={session.name} roles={session.roles}>
            {children}
          </DeskFrame>
        </DeskQueries>
      </DeskTheme>
    </DeskMessages>
  );
}
