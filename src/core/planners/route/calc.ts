import type { Calculation } from "../../basics/calculation";
import { checkRouteInput, route } from "./route";
import { RouteInput, type Route } from "./schema";

/** `./brinecove calc route` */
export const routeCalculation: Calculation<RouteInput, Route> = {
  name: "route",
  about: "the shortest way by water round land, with a clearance",
  schema: RouteInput,
  run: (input) => {
    checkRouteInput(input);
    return route(input);
  },
};
