import { demoBase } from "@/testing/demo-base";
import { simulatedTide, simulatedTideFrom } from "@/stand-ins/tide-feed";
import { simulatedDay, simulatedForecasts, simulatedHours } from "@/stand-ins/weather-feed";
import { todayView } from "../desk/today";
import { plugFeeds } from "./feed";
import { outlookNow } from "./outlook";
import { tellWeather } from "./simulate";

const base = demoBase("outlook");
const now = "2027-06-12T10:12:00.000Z";
beforeAll(() =>
  plugFeeds({ day: simulatedDay, hours: simulatedHours, tide: { from: simulatedTideFrom, turns: simulatedTide } }),
);
const outlook = async () => (await base.inBase((db) => outlookNow(db, now, "Atlantic/Azores")))!;

it("tells the wind of six days by the hour, and the turns of the tide around them, each by its own name", async () => {
  const { at, wind, tide } = await outlook();
  expect([at, wind?.from, wind?.hours.length, tide?.from]).toEqual([now, "simulated forecast", 144, "simulated tide"]);
  // hour follows hour, also over midnight
  const gaps = wind!.hours.slice(1).map((hour, before) => Date.parse(hour.at) - Date.parse(wind!.hours[before]!.at));
  expect(new Set(gaps)).toEqual(new Set([3_600_000]));
  // the day's own figures at three in the afternoon
  expect(wind!.hours.find((hour) => hour.at === "2027-06-12T15:00:00.000Z")?.windKn).toBe(
    simulatedDay("2027-06-12").windKn,
  );
  expect(Date.parse(tide!.turns[0]!.at)).toBeLessThanOrEqual(Date.parse(now));
  expect(Date.parse(tide!.turns.at(-1)!.at)).toBeGreaterThanOrEqual(Date.parse(now) + 5 * 86_400_000);
});

it("has a tide that alternates by about two metres every six hours and a quarter", async () => {
  const { tide } = await outlook();
  const turns = tide!.turns;
  const steps = turns.slice(1).map((turn, before) => turn.heightM - turns[before]!.heightM);
  expect(steps.every((step, at) => at === 0 || Math.sign(step) === -Math.sign(steps[at - 1]!))).toBe(true);
  expect(Math.min(...steps.map(Math.abs))).toBeGreaterThan(1.4);
  expect(Math.max(...steps.map(Math.abs))).toBeLessThan(2.6);
  // asked another time it is the same tide
  expect(simulatedTide(Date.parse(now) + 3_600_000, Date.parse(now) + 86_400_000)).toEqual(
    expect.arrayContaining(turns.slice(1, 4)),
  );
});

it("says what somebody told the feed to say, and the desk sees who is out in it", async () => {
  await base.inBase((db) => tellWeather(db, simulatedForecasts.gale("2027-06-13")));
  const { wind } = await outlook();
  expect(Math.max(...wind!.hours.filter(({ at }) => at.startsWith("2027-06-13")).map(({ windKn }) => windKn))).toBe(34);
  const { underWay, rows } = await base.inBase(todayView);
  const away = [...underWay, ...rows].filter(({ tells }) => tells !== null);
  expect(away.length).toBeGreaterThan(1);
  expect(away.every(({ tells }) => tells?.over !== null)).toBe(true);
  expect(away.every(({ tells }) => tells?.overdue.state === "not-yet")).toBe(true);
});
