import { titled } from "@/app/titled";
import { may } from "@/api/permissions";
import { ExtrasPart } from "@/client/desk/lists/ExtrasPart";
import { TurnRoundPart } from "@/client/desk/lists/TurnRoundPart";
import { MessagesTab } from "@/client/desk/messages/MessagesTab";
import { KeepingTab } from "@/client/desk/private/KeepingTab";
import { UsualChartersTab } from "@/client/desk/charters/UsualChartersTab";
import { BaseRulesPage } from "@/client/desk/rules/BaseRulesPage";
import { rulesParts } from "@/client/desk/rules/parts";
import { PriceListPart } from "@/client/desk/PriceListPart";
import { dayIn } from "@/core/basics/instant";
import { listsView } from "@/server/base/lists-view";
import { now } from "@/server/clock";
import { requireStaff } from "@/server/auth/session";
import { currentBase } from "@/server/db/base";
import { currentRules, rulesHistory } from "@/server/db/base-rules";
import { messagesView } from "@/server/messages/view";
import { currentList } from "@/server/db/base-lists";
import { lastErasures } from "@/server/db/private";
import { currentPrices, lastPriceChange } from "@/server/db/prices";
import { inBaseTransaction, type Queryable } from "@/server/db/pool";

export const generateMetadata = titled("rules");

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** Everything that a base has settled, for its page. */
const rulesView = async (db: Queryable) => ({
  base: await currentBase(db),
  ...(await currentRules(db)),
  history: await rulesHistory(db),
  prices: await currentPrices(db),
  lastPrices: await lastPriceChange(db),
  messages: await messagesView(db),
  keeping: await currentList(db, "keeping"),
  charters: await currentList(db, "charters"),
  erased: await lastErasures(db, 30),
  lists: await listsView(db, dayIn(now(), (await currentBase(db)).timeZone)),
});

export default async function RulesRoute({ searchParams }: Props) {
  const { part } = await searchParams;
  const staff = await requireStaff();
  const view = await inBaseTransaction(staff.baseId, rulesView);
  const { lists } = view;
  const maySettle = may(staff, "settle-rules");
  return (
    <BaseRulesPage
      key={view.number}
      rules={view.rules}
      number={view.number}
      history={view.history}
      timeZone={view.base.timeZone}
      maySettle={maySettle}
      start={rulesParts.find((each) => each === part) ?? "rules"}
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
      extras={
        <ExtrasPart
          extras={lists.extras.list}
          number={lists.extras.number}
          last={lists.extras.last}
          places={lists.places}
          currency={view.base.currency}
          timeZone={view.base.timeZone}
          today={dayIn(now(), view.base.timeZone)}
        />
      }
      turnRound={
        <TurnRoundPart
          tasks={lists.tasks.list}
          number={lists.tasks.number}
          last={lists.tasks.last}
          yachts={lists.yachts}
          timeZone={view.base.timeZone}
        />
      }
      messages={<MessagesTab {...view.messages} timeZone={view.base.timeZone} />}
      terms={
        <UsualChartersTab
          key={`charters ${view.charters.number}`}
          charters={view.charters.list}
          number={view.charters.number}
          last={view.charters.last}
          currency={view.base.currency}
          timeZone={view.base.timeZone}
        />
      }
      keeping={
        <KeepingTab
          key={`keeping ${view.keeping.number}`}
          keeping={view.keeping.list}
          number={view.keeping.number}
          last={view.keeping.last}
          erased={view.erased}
          isDemo={view.base.isDemo}
          timeZone={view.base.timeZone}
        />
      }
    />
  );
}
