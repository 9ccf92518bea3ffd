import { anyOf, exactly, type FigureKind } from "./figure";
import { enginesOf } from "./engines";

const charging = /windlass|anchor|chain|alternator|charg|volts/;

/** Revs: those at which the alternator carries the windlass and charges, else any that the file knows. */
export const revs: FigureKind = {
  name: "revs",
  units: ["rpm"],
  facts: (boat, text, { sentence }) =>
    enginesOf(boat, text).flatMap(([key, engine]) => {
      const path = `/engines/${key}`;
      const own = exactly(`${path}/chargingRpm`, engine.chargingRpm);
      if (charging.test(`${text.title} ${text.key} ${sentence}`.toLowerCase())) return own;
      return anyOf([
        ...own,
        ...exactly(`${path}/maximumRpm`, engine.maximumRpm),
        ...(engine.burn ?? []).flatMap(({ rpm }, i) => exactly(`${path}/burn/${i}/rpm`, rpm)),
      ]);
    }),
};
