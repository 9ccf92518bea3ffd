import { fuelAnswer, fuelFields, fuelKnown, burnTable } from "@/core/underway/fuel";
import { withTyped, type Figures } from "@/core/underway/known";
import { leaveBy, routeBack, type BackField, type LeaveBy } from "@/core/underway/way-back";
import { typedOf } from "../../store/planner-typed";
import type { OfBoat } from "../frame/of-boat";
import { useRoute, type Found } from "./useRoute";
import type { WhereSheIs } from "./where-she-is";

/** The way back from where she is, and by when she has to leave at each of her speeds. */
export function useWayBack(
  of: OfBoat,
  where: WhereSheIs | null,
  figures: Figures<BackField>,
): { found: Found; rows: LeaveBy[] } {
  const { area } = of;
  const found = useRoute(
    area && where ? routeBack(area, [where.lon, where.lat], figures.clearanceNm?.value ?? 0) : null,
  );
  const fuel = fuelAnswer(of.file, withTyped(fuelKnown(of.file, of.readings), typedOf(of.stay, "fuel"), fuelFields));
  const rows =
    found.state === "found" && where
      ? leaveBy({
          route: found.route,
          burn: burnTable(of.file),
          currentKn: figures.currentKn?.value ?? 0,
          backAt: of.backAt,
          now: of.now,
          fuelMinutes: figures.fuelMin?.value ?? 0,
          spareMinutes: figures.spareMin?.value ?? 0,
          usableL: "answer" in fuel ? fuel.answer.usableL : null,
          at: [where.lon, where.lat],
        })
      : [];
  return { found, rows };
}
