import { named, type FileCheck } from "./check";

/** What is stowed has a price: without one a thing that went missing would cost nothing, and nobody would see why. */
export const thingsPriced: FileCheck = {
  name: "things-priced",
  level: "warning",
  find: ({ inventory }) =>
    Object.entries(inventory).flatMap(([key, item]) =>
      item.replacementMinor === 0
        ? [
            {
              path: `/inventory/${key}/replacementMinor`,
              message: `${named(item, key)} has no price yet: one that goes missing would cost nothing`,
            },
          ]
        : [],
    ),
};
