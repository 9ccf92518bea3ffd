import type { SettlementScreen } from "@/api/schemas/desk";

/** What each line of a statement is called: the thing that differs, or the extra put beside the differences. */
export function lineNames({ items, extras }: Pick<SettlementScreen, "items" | "extras">): (id: string) => string {
  const names = new Map([
    ...extras.map(({ id, name }) => [id, name] as const),
    ...items.map(({ proposal, name }) => [proposal.difference.id, name] as const),
  ]);
  return (id) => names.get(id) ?? id;
}
