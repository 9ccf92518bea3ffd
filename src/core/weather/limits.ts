import type { BaseRules } from "../base/rules";
import type { Forecast } from "./forecast";

/** Above which wind she stays, in knots; no limit of gusts where neither base nor yacht has one. */
export interface WindLimits {
  windKn: number;
  gustKn: number | null;
}

/**
 * The limits that hold for one yacht: the lower of the base's and her own.
 *
 * @param own by her file
 */
export function windLimits(
  { windLimitKn, gustLimitKn }: Pick<BaseRules, "windLimitKn" | "gustLimitKn">,
  own: { mean?: number | undefined; gusts?: number | undefined } | undefined,
): WindLimits {
  const gustKn = Math.min(gustLimitKn ?? Infinity, own?.gusts ?? Infinity);
  return { windKn: Math.min(windLimitKn, own?.mean ?? Infinity), gustKn: Number.isFinite(gustKn) ? gustKn : null };
}

/** Whether a forecast keeps her in. That it does not is no permission to sail. */
export const keepsIn = ({ windKn, gustKn, thunder, fog }: Forecast, limits: WindLimits): boolean =>
  windKn > limits.windKn || (limits.gustKn !== null && gustKn > limits.gustKn) || thunder || fog;
