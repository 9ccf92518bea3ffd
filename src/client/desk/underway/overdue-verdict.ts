import type { Verdict } from "@/core/basics/verdict";
import type { Overdue } from "@/core/underway/log/overdue";

/** How grave it is that a boat has not said. */
export const overdueVerdict: Readonly<Record<Overdue["state"], Verdict>> = {
  said: "fine",
  "not-yet": "fine",
  "not-said": "watch",
  late: "watch",
  call: "stop",
  ask: "stop",
  alarm: "stop",
};
