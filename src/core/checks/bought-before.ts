import { isDay } from "../basics/instant";
import { blankDay } from "../yacht/parts/blank";
import { named, type FileCheck } from "./check";

/** What is stowed was bought on a day that there was: a thing's age decides what it is worth when it goes missing. */
export const boughtBefore: FileCheck = {
  name: "bought-before",
  level: "error",
  find: ({ inventory }, today) =>
    Object.entries(inventory).flatMap(([key, item]) => {
      if (item.boughtOn === blankDay) return [];
      const wrong = !isDay(item.boughtOn)
        ? `there is no such day as ${item.boughtOn}`
        : item.boughtOn > today
          ? `${item.boughtOn} is still to come`
          : null;
      return wrong === null ? [] : [{ path: `/inventory/${key}/boughtOn`, message: `${named(item, key)}: ${wrong}` }];
    }),
};
