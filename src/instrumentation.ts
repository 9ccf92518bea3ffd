/** Plugs in what the app reads of the outside when it starts: here the stand-ins that ship with it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [{ plugWeatherFeed }, { simulatedDay }] = await Promise.all([
    import("@/server/weather/feed"),
    import("@/stand-ins/weather-feed"),
  ]);
  plugWeatherFeed(simulatedDay);
}
