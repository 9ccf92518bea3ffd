import "server-only";
import type { HandoverRow } from "../db/handovers";
import type { SealRow } from "../db/seals";
import { timeFault } from "@/core/handover/times";

/** When a record was signed, as far as that can be: by its own hour, or by its receipt where that hour cannot be right. */
export const believedAt = ({
  handover,
  seal,
}: {
  handover: Pick<HandoverRow, "openedAt">;
  seal: Pick<SealRow, "sealedAt" | "receivedAt">;
}): string =>
  timeFault(Date.parse(seal.sealedAt), handover.openedAt, seal.receivedAt) === null ? seal.sealedAt : seal.receivedAt;
