"use client";
import { useTranslations } from "next-intl";
import type { Area } from "@/core/area/area";
import { AreaMap } from "@/ui/area/AreaMap";
import type { Found } from "./useRoute";
import type { WhereSheIs } from "./where-she-is";

/** The waters with the way back through them. */
export function WayMap({ area, where, found }: { area: Area; where: WhereSheIs | null; found: Found }) {
  const t = useTranslations("area");
  const own = where ? [where.lon, where.lat] : null;
  const way = own && found.state === "found" ? [own, ...found.route.legs.map(({ to }) => to)] : [];
  return (
    <AreaMap
      area={area}
      title={t("map", { name: area.name })}
      words={{ north: t("north"), mile: t("mile"), base: t("base") }}
      kinds={["harbour"]}
      lit={null}
      own={own}
      way={way}
      onPick={() => undefined}
    />
  );
}
