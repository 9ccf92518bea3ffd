import { reason, type GateRule } from "./reason";

/** No more people than she takes. */
export const aboard: GateRule = ({ list, rules }) =>
  list.stay.aboard > list.maximumAboard
    ? [
        reason(rules, "too-many-aboard", true, {
          matter: "aboard",
          counts: { have: list.stay.aboard, need: list.maximumAboard },
        }),
      ]
    : [];
