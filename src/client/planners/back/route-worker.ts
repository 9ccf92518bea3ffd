import { checkRouteInput, route } from "@/core/planners/route/route";
import type { RouteInput } from "@/core/planners/route/schema";

/** Finds ways beside the screen, which never waits for it. */
addEventListener("message", ({ data }: MessageEvent<RouteInput>) => {
  try {
    checkRouteInput(data);
    postMessage({ route: route(data) });
  } catch (error) {
    postMessage({ fault: (error as { where?: string }).where ?? "/" });
  }
});
