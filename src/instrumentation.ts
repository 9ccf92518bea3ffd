/** What begins with the app: what it reads of the outside, here the stand-ins that ship with it, and the look over every base at night. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const [{ plugWeatherFeed }, { simulatedDay }, { watchAtNight }] = await Promise.all([
    import("@/server/weather/feed"),
    import("@/stand-ins/weather-feed"),
    import("@/server/night/watch"),
  ]);
  plugWeatherFeed(simulatedDay);
  watchAtNight();
}
