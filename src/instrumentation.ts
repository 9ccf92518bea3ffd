/** What begins with the app: what it reads of the outside, here the stand-ins that ship with it, and the look over every base at night. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [
    { plugFeeds },
    { simulatedDay, simulatedHours },
    { simulatedTide, simulatedTideFrom },
    { watchAtNight },
    { serveMetrics },
  ] = await Promise.all([
    import("@/server/weather/feed"),
    import("@/stand-ins/weather-feed"),
    import("@/stand-ins/tide-feed"),
    import("@/server/night/watch"),
    import("@/server/metrics/serve-metrics"),
  ]);
  endWithParent();
  plugFeeds({
    day: simulatedDay,
    hours: simulatedHours,
    tide: { from: simulatedTideFrom, turns: simulatedTide },
  });
  watchAtNight();
  serveMetrics();
}

/** Ends the app when whoever started it was killed and could not end it. */
function endWithParent(): void {
  const parent = Number(process.env.BRINECOVE_PARENT ?? 0);
  if (parent === 0) return;
  setInterval(() => {
    try {
      process.kill(parent, 0);
    } catch {
      process.exit(0);
    }
  }, 2000).unref();
}
