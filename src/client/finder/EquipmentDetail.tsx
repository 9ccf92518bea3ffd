"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import { Pairs } from "@/ui/Pairs";
import { ManualLink } from "./ManualLink";
import { OutOfUseNote } from "./OutOfUseNote";
import styles from "./Finder.module.css";

/** What the base keeps of a device: maker, number, papers, its fuse and the spares aboard. */
export function EquipmentDetail({ file, id }: { file: YachtFile; id: string }) {
  const t = useTranslations("equipment");
  const part = file.equipment[id];
  if (!part) return null;
  const name = localizeFigures(file, part.name);
  const fitting = (key: string | undefined) => {
    const found = file.fittings[key ?? ""];
    return found && `${localizeFigures(file, found.name)}, ${localizeFigures(file, found.where)}`;
  };
  const item = (key: string) => {
    const found = file.inventory[key];
    return found
      ? `${localizeFigures(file, found.name)} (${localize(file.places[found.place]?.name ?? { en: found.place })}, ${localizeFigures(file, found.where)})`
      : [];
  };
  const rows = {
    maker: part.maker,
    model: part.model,
    serial: part.serial,
    "manual-at": part.manualAt && localizeFigures(file, part.manualAt),
    "warranty-until": part.warrantyUntil,
    fuse: fitting(part.fuse),
    "fuse-spare": part.fuseSpare === undefined ? undefined : [item(part.fuseSpare)].flat().join(""),
    spares: part.spares?.flatMap(item).join("; "),
  } as const;
  return (
    <article className={styles.detail} aria-label={name}>
      <h2>{name}</h2>
      <p className={styles.where}>{localize(file.places[part.place]?.name ?? { en: part.place })}</p>
      {part.outOfUse && <OutOfUseNote file={file} outOfUse={part.outOfUse} />}
      <Pairs
        pairs={(Object.keys(rows) as (keyof typeof rows)[]).flatMap((each) =>
          rows[each] ? [{ id: each, name: t(each), value: rows[each] }] : [],
        )}
      />
      {part.manual && <ManualLink hash={part.manual} />}
    </article>
  );
}
