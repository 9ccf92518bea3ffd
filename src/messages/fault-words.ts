import type { RecordFault } from "@/core/handover/record-fault";
import type { Translator } from "./translator";

/** What does not fit of a signed record, in words. */
export function faultWords(t: Translator, fault: RecordFault): string {
  switch (fault.what) {
    case "record":
      return t("unfit.record", { problem: fault.problem });
    case "chain":
      return t("unfit.chain");
    case "photo":
      return t("unfit.photo", { hash: fault.hash.slice(0, 12) });
    case "time":
      return t(`unfit.time-${fault.fault}`);
  }
}
