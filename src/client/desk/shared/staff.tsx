"use client";
import { useTranslations } from "next-intl";
import { createContext, useContext, type ReactNode } from "react";
import { may, type Action, type Role } from "@/api/permissions";

const RolesContext = createContext<readonly Role[]>([]);

/** Who is signed in at this desk: what they may do is shown, what they may not is said. */
export function StaffRoles({ roles, children }: { roles: readonly Role[]; children: ReactNode }) {
  return <RolesContext value={roles}>{children}</RolesContext>;
}

/** Whether who is signed in may do something; by the same table that the base asks. */
export function useMay(action: Action): boolean {
  return may({ roles: useContext(RolesContext) }, action);
}

/** Shows something to those who may do it, and says to others whose it is; with `quiet`, nothing. */
export function Allowed({ action, quiet = false, children }: { action: Action; quiet?: boolean; children: ReactNode }) {
  const t = useTranslations("not-yours");
  if (useMay(action)) return children;
  return quiet ? null : <p>{t(action)}</p>;
}
