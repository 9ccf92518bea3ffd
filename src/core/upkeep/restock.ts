import { say } from "../basics/words";
import type { CountValue } from "../handover/aspects";
import type { Folded } from "../handover/fold";
import type { HandoverList } from "../handover/list";
import { mainCell } from "../handover/state";
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
    const item = line.kind === "count" ? file.inventory[line.id.slice("count:".length)] : undefined;
    const cell = item && mainCell(folded, line);
    if (!item || !cell || cell.fork) return [];
    const missing = item.expected - (cell.value as CountValue).count - (putAboard.get(line.id) ?? 0);
    return missing > 0 ? [{ line: line.id, name: say(item.name, "en"), missing, safety: item.safety ?? false }] : [];
  });
}
