"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import type { Hit } from "@/core/yacht/finder/finder";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { OddNote } from "@/ui/OddNote";
import { EmergencyCard } from "../parts/EmergencyCard";
import { EquipmentDetail } from "./EquipmentDetail";
import { FigureDetail } from "./FigureDetail";
import { FittingDetail } from "./FittingDetail";
import { LineDetail } from "./LineDetail";
import { ProcedureDetail } from "./ProcedureDetail";
import { SourceDetail } from "./SourceDetail";
import styles from "./Finder.module.css";

/** What was found, in full. */
export function ResultDetail({
  file,
  hit,
  onFitting,
}: {
  file: YachtFile;
  hit: Pick<Hit, "kind" | "id">;
  onFitting: (fitting: string) => void;
}) {
  const t = useTranslations();
  switch (hit.kind) {
    case "fitting":
      return <FittingDetail file={file} id={hit.id} />;
    case "line":
      return <LineDetail file={file} id={hit.id} />;
    case "source":
      return <SourceDetail file={file} id={hit.id} />;
    case "equipment":
      return <EquipmentDetail file={file} id={hit.id} />;
    case "procedure":
      return <ProcedureDetail file={file} id={hit.id} onFitting={onFitting} />;
    case "card": {
      const card = file.emergencyCards[hit.id];
      return card ? <EmergencyCard file={file} card={card} isOpen /> : null;
    }
    case "oddity": {
      const oddity = file.oddities[hit.id];
      return oddity ? <OddNote title={t("place.odd")}>{localizeFigures(file, oddity.words)}</OddNote> : null;
    }
    case "figure":
      return <FigureDetail file={file} id={hit.id} />;
    case "inventory": {
      const item = file.inventory[hit.id];
      if (!item) return null;
      const name = localizeFigures(file, item.name);
      return (
        <article className={styles.detail} aria-label={name}>
          <h2>{name}</h2>
          <p className={styles.where}>
            {localize(file.places[item.place]?.name ?? { en: item.place })}, {localizeFigures(file, item.where)}
          </p>
          <p>{t("finder.expected", { count: item.expected })}</p>
        </article>
      );
    }
  }
}
