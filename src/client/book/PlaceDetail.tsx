"use client";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Book.module.css";
import { Oddities } from "../parts/Oddities";

interface Props {
  file: YachtFile;
  place: string;
  onFitting: (fitting: string) => void;
  onItem: (item: string) => void;
  onProcedure: (procedure: string) => void;
  /** its name stands above already */
  bare?: boolean;
}

/** One place: how to get there, what is odd, what is fitted and stowed there, and what is done there. */
export function PlaceDetail({ file, place, onFitting, onItem, onProcedure, bare = false }: Props) {
  const t = useTranslations();
  const here = file.places[place];
  if (!here) return null;
  const at = <T extends { place: string }>(parts: Record<string, T>) =>
    Object.entries(parts).filter(([, part]) => part.place === place);
  const [fittings, inventory, procedures] = [at(file.fittings), at(file.inventory), at(file.procedures)];
  return (
    <article className={styles.detail}>
      {!bare && <h2>{localize(here.name)}</h2>}
      <p>
        <strong>{t("book.reach")}:</strong> {localizeFigures(file, here.reach)}
      </p>
      {here.hidden && <p>{localizeFigures(file, here.hidden)}</p>}
      <Oddities file={file} keys={at(file.oddities).map(([id]) => id)} />
      {fittings.length > 0 && <h3>{t("book.fitted")}</h3>}
      <ul className={styles.rows}>
        {fittings.map(([id, fitting]) => (
          <li key={id}>
            <button type="button" onClick={() => onFitting(id)}>
              <strong>{localizeFigures(file, fitting.name)}</strong>
              <span>{localizeFigures(file, fitting.where)}</span>
            </button>
          </li>
        ))}
      </ul>
      {procedures.length > 0 && <h3>{t("book.done-here")}</h3>}
      <ul className={styles.rows}>
        {procedures.map(([id, procedure]) => (
          <li key={id}>
            <button type="button" onClick={() => onProcedure(id)}>
              <strong>{localizeFigures(file, procedure.title)}</strong>
            </button>
          </li>
        ))}
      </ul>
      {inventory.length > 0 && <h3>{t("book.stowed")}</h3>}
      <ul className={styles.rows}>
        {inventory.map(([id, item]) => (
          <li key={id}>
            <button type="button" onClick={() => onItem(id)}>
              <strong>
                {localizeFigures(file, item.name)} × {item.expected}
              </strong>
              <span>{localizeFigures(file, item.where)}</span>
            </button>
          </li>
        ))}
      </ul>
    </article>
  );
}
