import type { Metadata } from "next";
import { BaseRulesPage } from "@/client/desk/BaseRulesPage";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { currentRules, rulesHistory } from "@/server/db/base-rules";
import { withBase } from "@/server/db/pool";

export const metadata: Metadata = { title: "Rules" };

export default async function RulesRoute() {
  const staff = await requireStaff();
  const view = await withBase(staff.baseId, async (db) => ({ base: await currentBase(db), ...(await currentRules(db)), history: await rulesHistory(db) }));
  return <BaseRulesPage key={view.number} rules={view.rules} number={view.number} history={view.history} timeZone={view.base.timeZone} maySettle={staff.roles.includes("manager")} />;
}
