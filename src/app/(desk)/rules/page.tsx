import { titled } from "@/app/titled";
import { may } from "@/api/permissions";
import { BaseRulesPage } from "@/client/desk/rules/BaseRulesPage";
import { PriceListPart } from "@/client/desk/PriceListPart";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { currentRules, rulesHistory } from "@/server/db/base-rules";
import { currentPrices, lastPriceChange } from "@/server/db/prices";
import { inBaseTransaction } from "@/server/db/pool";

export const generateMetadata = titled("rules");

export default async function RulesRoute() {
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, async (db) => ({
    base: await currentBase(db),
    ...(await currentRules(db)),
    history: await rulesHistory(db),
    prices: await currentPrices(db),
    lastPrices: await lastPriceChange(db),
  }));
  const maySettle = may(staff, "settle-rules");
  return (
    <BaseRulesPage
      key={view.number}
      rules={view.rules}
      number={view.number}
      history={view.history}
      timeZone={view.base.timeZone}
      maySettle={maySettle}
      prices={
        <PriceListPart
          key={`prices ${view.prices.number}`}
          prices={view.prices.prices}
          number={view.prices.number}
          last={view.lastPrices}
          currency={view.base.currency}
          timeZone={view.base.timeZone}
          maySettle={maySettle}
        />
      }
    />
  );
}
