import { windLimits } from "../../weather/limits";
import { reason, type GateRule } from "./reason";

/**
 * The wind and gusts that the base sets, or the yacht's file where that is lower, against the forecast for the first day.
 * That it is below the limit is no permission to sail.
 */
export const weather: GateRule = ({ list, rules, forecast }) => {
  if (list.kind !== "check-in" || list.rules === undefined) return [];
  if (forecast?.day !== list.stay.fromDay) return [reason(rules, "no-forecast", false)];
  // a list from before there was a limit of gusts has none
  const { windKn, gustKn } = windLimits({ ...rules, gustLimitKn: list.rules.gustLimitKn }, list.ownWindKn);
  return [
    ...(forecast.windKn > windKn
      ? [reason(rules, "wind-over-limit", true, { counts: { have: forecast.windKn, need: windKn } })]
      : []),
    ...(gustKn !== null && forecast.gustKn > gustKn
      ? [reason(rules, "gusts-over-limit", true, { counts: { have: forecast.gustKn, need: gustKn } })]
      : []),
    ...(forecast.thunder ? [reason(rules, "thunder", true)] : []),
    ...(forecast.fog ? [reason(rules, "fog", true)] : []),
  ];
};
