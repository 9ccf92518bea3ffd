import { localize } from "../basics/words";
import type { Folded } from "../handover/fold";
import type { HandoverList } from "../handover/list";
import { mainValue } from "../handover/state";
import type { YachtFile } from "../yacht/schema";
import type { ShortItem } from "./readiness";

/**
 * What is to be put aboard: things that the last signed handover counted fewer of than the yacht's file says today, less
 * what has been put aboard since. What was not counted is not short.
 *
 * @param putAboard how many pieces were put aboard since that handover, by line
 */
export function shortItems(
  file: Pick<YachtFile, "inventory">,
  list: HandoverList,
  folded: Folded,
  putAboard: ReadonlyMap<string, number>,
): ShortItem[] {
  return list.lines.flatMap((line): ShortItem[] => {
    if (line.kind !== "count") return [];
    const item = file.inventory[line.id.slice("count:".length)];
    const counted = mainValue(folded, line);
    if (!item || !counted) return [];
    const missing = item.expected - counted.count - (putAboard.get(line.id) ?? 0);
    return missing > 0 ? [{ line: line.id, name: localize(item.name), missing, safety: item.safety ?? false }] : [];
  });
}
