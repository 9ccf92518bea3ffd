import type { Extra, HiredExtra } from "../core/extras/extra";

/** A paddle board as a base would lend it, with whatever a test changes. */
export const paddleBoard = (change: Partial<Extra> = {}): Extra => ({
  name: { en: "Paddle board" },
  where: { en: "rolled, with pump and paddle" },
  places: ["lazarette", "stern", "locker-port"],
  system: "comfort",
  group: "deck",
  stock: 3,
  hireMinor: 9000,
  hirePer: "week",
  replacementMinor: 42000,
  boughtOn: "2026-04-01",
  lifeMonths: 48,
  ...change,
});

export const hired = (change: Partial<HiredExtra> = {}): HiredExtra => ({
  key: "paddle-board",
  count: 1,
  place: "stern",
  extra: paddleBoard(),
  ...change,
});
