import { heardOf } from "./sound";

describe("what one hears of a device", () => {
  it("is the engine by its revs, a motor, an alarm, or nothing", () => {
    // three cylinders fire one and a half times a turn, 21 times a second at 850 rpm; an octave higher a telephone can sound it
    expect(heardOf({ running: true, rpm: 850 })).toEqual({ hz: 42.5, loud: 0.5, isAlarm: false });
    expect(heardOf({ "running:port": true, "rpm:port": 3000, "rpm:starboard": 0 }).hz).toBe(150);
    expect(heardOf({ running: false, rpm: 0, alarm: true })).toMatchObject({ loud: 0, isAlarm: true });
    expect(heardOf({ turning: "port" }).loud).toBeGreaterThan(0);
    expect(heardOf({ turning: "no", amps: 0 }).loud).toBe(0);
    expect(heardOf({ amps: 60 }).loud).toBeGreaterThan(0);
    expect(heardOf({})).toMatchObject({ loud: 0, isAlarm: false });
  });
});
