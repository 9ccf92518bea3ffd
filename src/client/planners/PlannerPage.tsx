"use client";
import { lazy, Suspense } from "react";
import type { BookStore, KeptLog } from "../store/book-store";
import type { OfBoat } from "./frame/of-boat";
import type { PlannerName } from "./names";

// each is fetched by itself, and kept on the device before the signal goes
const parts = {
  berth: () => import("./berth/BerthPlanner").then(({ BerthPlanner }) => ({ default: BerthPlanner })),
  anchor: () => import("./anchor/AnchorPlanner").then(({ AnchorPlanner }) => ({ default: AnchorPlanner })),
  watch: () => import("./watch/AnchorWatch").then(({ AnchorWatch }) => ({ default: AnchorWatch })),
  reef: () => import("./reef/ReefPlanner").then(({ ReefPlanner }) => ({ default: ReefPlanner })),
  fuel: () => import("./fuel/FuelPlanner").then(({ FuelPlanner }) => ({ default: FuelPlanner })),
  water: () => import("./water/WaterPlanner").then(({ WaterPlanner }) => ({ default: WaterPlanner })),
  power: () => import("./power/PowerPlanner").then(({ PowerPlanner }) => ({ default: PowerPlanner })),
  round: () => import("./round/MorningRound").then(({ MorningRound }) => ({ default: MorningRound })),
  log: () => import("./log/CrewLog").then(({ CrewLog }) => ({ default: CrewLog })),
  back: () => import("./back/WayBackPlanner").then(({ WayBackPlanner }) => ({ default: WayBackPlanner })),
};
const Berth = lazy(parts.berth);
const Anchor = lazy(parts.anchor);
const Watch = lazy(parts.watch);
const Reef = lazy(parts.reef);
const Fuel = lazy(parts.fuel);
const Water = lazy(parts.water);
const Power = lazy(parts.power);
const Back = lazy(parts.back);
const Round = lazy(parts.round);
const Log = lazy(parts.log);

interface Props {
  name: PlannerName;
  of: OfBoat;
  store: BookStore;
  log: readonly KeptLog[];
  go: (at: PlannerName) => void;
  onBack: () => void;
}

/** One planner of the boat under way. */
export function PlannerPage({ name, of, store, log, go, onBack }: Props) {
  return (
    <Suspense fallback={null}>
      {name === "berth" && <Berth of={{ ...of, position: of.area?.base.position ?? null }} onBack={onBack} />}
      {name === "anchor" && <Anchor of={of} onBack={onBack} onWatch={() => go("watch")} />}
      {name === "watch" && <Watch of={of} onBack={onBack} />}
      {name === "reef" && <Reef of={of} onBack={onBack} />}
      {name === "fuel" && <Fuel of={of} onBack={onBack} />}
      {name === "water" && <Water of={of} onBack={onBack} />}
      {name === "power" && <Power of={of} onBack={onBack} />}
      {name === "round" && <Round of={of} store={store} onBack={onBack} />}
      {name === "log" && <Log of={of} store={store} log={log} onBack={onBack} />}
      {name === "back" && <Back of={of} onBack={onBack} />}
    </Suspense>
  );
}

/** Brings all planners onto the device, so that they open without signal. */
export const keepPlanners = (): void => {
  for (const part of Object.values(parts)) void part().catch(() => undefined);
};
