import { localize } from "@/core/basics/words";
import type { Reason } from "@/core/handover/gate";
import type { HandoverList } from "@/core/handover/list";
import type { Translator } from "./translator";

/** Why something stands in the way of leaving, in a sentence. */
export function reasonWords(t: Translator, list: HandoverList, reason: Reason): string {
  const line = list.lines.find((each) => each.id === reason.line);
  const name = line ? localize(line.name) : "";
  const said = t(`gate.${reason.code}`, {
    words: reason.words ?? "",
    name,
    have: reason.counts?.have ?? 0,
    need: reason.counts?.need ?? 0,
    left: (reason.counts?.need ?? 0) - (reason.counts?.have ?? 0),
  });
  return reason.override ? `${said} (${t("gate.let-go", { why: reason.override.why })})` : said;
}
