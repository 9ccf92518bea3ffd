"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import type { Area, AreaFeature, FeatureKind } from "@/core/area/area";
import { around, type Around } from "@/core/area/around";
import { AreaMap } from "@/ui/area/AreaMap";
import { AreaSign } from "@/ui/area/AreaSign";
import { Button } from "@/ui/Button";
import { Choice } from "@/ui/Choice";
import styles from "./Area.module.css";

const groups = {
  nights: ["anchorage", "mooring", "harbour"],
  dangers: ["hazard", "no-go"],
  services: ["fuel", "water", "pump-out", "harbour"],
} as const satisfies Record<string, readonly FeatureKind[]>;
type Group = keyof typeof groups;

/** The waters of the base: drawn, and in a list with distance and bearing from the base or from where this device is. */
export function AreaPart({ area, first = "nights" }: { area: Area; first?: Group }) {
  const t = useTranslations("area");
  const [group, setGroup] = useState<Group>(first);
  const [lit, setLit] = useState<number | null>(null);
  const { own, fault, locate, forget } = useOwn();
  const pick = (index: number) => {
    const kind = area.features[index]?.properties.kind;
    const [to] = Object.entries(groups).find(([, kinds]) => (kinds as readonly string[]).includes(kind ?? "")) ?? [];
    if (to && !(groups[group] as readonly string[]).includes(kind ?? "")) setGroup(to as Group);
    setLit(index);
  };
  return (
    <div className={styles.part}>
      <p className={styles.sketch}>{t("sketch")}</p>
      <div className={styles.map}>
        <AreaMap
          area={area}
          title={t("map", { name: area.name })}
          words={{ north: t("north"), mile: t("mile"), base: t("base") }}
          kinds={groups[group]}
          lit={lit}
          own={own}
          onPick={pick}
        />
      </div>
      <Choice
        label={t("show")}
        options={(Object.keys(groups) as Group[]).map((value) => ({ value, word: t(value) }))}
        value={group}
        onChoose={(value) => {
          setGroup(value as Group);
          setLit(null);
        }}
      />
      <p>
        {own ? t("from-here") : t("from-base")}{" "}
        <Button look="quiet" onClick={own ? forget : locate}>
          {own ? t("use-base") : t("use-here")}
        </Button>
      </p>
      {fault && <p role="alert">{t("no-position")}</p>}
      <ol className={styles.rows}>
        {around(area, own ?? area.base.position, groups[group]).map((each) => (
          <AreaRow
            key={each.index}
            each={each}
            isOpen={lit === each.index}
            onOpen={() => setLit(lit === each.index ? null : each.index)}
          />
        ))}
      </ol>
      <Rules area={area} />
    </div>
  );
}

function AreaRow({ each, isOpen, onOpen }: { each: Around; isOpen: boolean; onOpen: () => void }) {
  const t = useTranslations("area");
  const { properties } = each.feature;
  const isDanger = properties.kind === "hazard" || properties.kind === "no-go";
  return (
    <li>
      <button type="button" aria-expanded={isOpen} onClick={onOpen} className={isDanger ? styles.hazard : undefined}>
        <svg viewBox="-11 -11 22 22" width="24" height="24" aria-hidden="true">
          <AreaSign kind={properties.kind} />
        </svg>
        <strong>{properties.name}</strong>
        <span>{t("way", { nm: each.nm, bearing: String(Math.round(each.bearingDeg) % 360).padStart(3, "0") })}</span>
      </button>
      {isOpen && <FeatureWords feature={each.feature} />}
    </li>
  );
}

/** What a crew has to know of one thing. */
function FeatureWords({ feature: { properties } }: { feature: AreaFeature }) {
  const t = useTranslations("area");
  const format = useFormatter();
  const facts = [
    t(`kind-${properties.kind}`),
    properties.depthM !== undefined && t("depth", { metres: properties.depthM }),
    properties.ground !== undefined && t("ground", { ground: properties.ground }),
    properties.shelter !== undefined &&
      t("shelter", { winds: format.list(properties.shelter.map((wind) => t(`wind-${wind}`))) }),
    properties.channel !== undefined && t("channel", { channel: properties.channel }),
    properties.hours,
  ].filter((fact) => typeof fact === "string");
  return (
    <div className={styles.words}>
      {properties.words && <p>{properties.words}</p>}
      <p>{facts.join(" · ")}</p>
    </div>
  );
}

/** What holds everywhere: the base's channel, how far off a tank may be emptied, local rules. */
function Rules({ area }: { area: Area }) {
  const t = useTranslations("area");
  const { channel, hours } = area.base;
  return (
    <section className={styles.part}>
      <h3>{t("rules")}</h3>
      <ul className={styles.rules}>
        {typeof channel === "string" && (
          <li>{t("base-channel", { channel, hours: typeof hours === "string" ? hours : "" })}</li>
        )}
        {area.wasteNm !== undefined && <li>{t("waste", { miles: area.wasteNm })}</li>}
        {(area.rules ?? []).map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </ul>
      <p>{t("local")}</p>
    </section>
  );
}

/** Where this device is, asked for once by a tap; nothing of it leaves the device. */
function useOwn() {
  const [own, setOwn] = useState<number[] | null>(null);
  const [fault, setFault] = useState(false);
  return {
    own,
    fault,
    forget: () => setOwn(null),
    locate: () => {
      setFault(false);
      if (!navigator.geolocation) return setFault(true);
      navigator.geolocation.getCurrentPosition(
        ({ coords }) => setOwn([coords.longitude, coords.latitude]),
        () => setFault(true),
        { timeout: 10_000, maximumAge: 60_000 },
      );
    },
  };
}
