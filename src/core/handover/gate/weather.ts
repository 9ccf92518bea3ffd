import { reason, type GateRule } from "./reason";

/** The base's weather limit against the forecast for the first day. That it is below the limit is no permission to sail. */
export const weather: GateRule = ({ list, rules, forecast }) => {
  if (list.kind !== "check-in" || list.rules === undefined) return [];
  if (forecast?.day !== list.stay.fromDay) return [reason(rules, "no-forecast", false)];
  return [
    ...(forecast.windKn > rules.windLimitKn
      ? [reason(rules, "wind-over-limit", true, { counts: { have: forecast.windKn, need: rules.windLimitKn } })]
      : []),
    ...(forecast.thunder ? [reason(rules, "thunder", true)] : []),
    ...(forecast.fog ? [reason(rules, "fog", true)] : []),
  ];
};
