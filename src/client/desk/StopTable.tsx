"use client";
import { chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { titleOf } from "@/core/briefing/topics";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./shared/Desk.module.css";

type Stop = YachtFile["stops"][string];
const mostMinutes = 60;
const field = {
  minHeight: "40px",
  paddingInline: "2",
  borderWidth: "2px",
  borderStyle: "solid",
  borderColor: "kelp",
  background: "paper",
} as const;

interface Props {
  file: YachtFile;
  stops: YachtFile["stops"];
  /** the stops in the order they are walked */
  sequence: readonly string[];
  /** stops that each one has to come after */
  waits: ReadonlyMap<string, readonly string[]>;
  onChange: (id: string, field: Partial<Stop>) => void;
}

/** The stops of a walk in their order, with the minutes and the pin of each to be changed. */
export function StopTable({ file, stops, sequence, waits, onChange }: Props) {
  const t = useTranslations("tune");
  const name = (id: string) => localize(titleOf(file, id));
  return (
    <table className={styles.table} aria-label={t("stops")}>
      <thead>
        <tr>
          {(["number", "stop", "place", "minutes", "pin", "after"] as const).map((column) => (
            <th key={column} scope="col">
              {t(column)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {sequence.map((id, index) => {
          const stop = stops[id];
          if (!stop) return null;
          return (
            <tr key={id}>
              <td>{index + 1}</td>
              <th scope="row">{name(id)}</th>
              <td>{localize(file.places[stop.place]?.name ?? { en: stop.place })}</td>
              <td>
                <chakra.input
                  type="number"
                  min={0.5}
                  max={mostMinutes}
                  step={0.5}
                  width="5rem"
                  {...field}
                  aria-label={t("minutes-of", { stop: name(id) })}
                  value={stop.minutes}
                  onChange={(event) => {
                    const minutes = Number(event.target.value);
                    if (minutes > 0 && minutes <= mostMinutes) onChange(id, { minutes });
                  }}
                />
              </td>
              <td>
                <chakra.select
                  {...field}
                  aria-label={t("pin-of", { stop: name(id) })}
                  value={stop.pin ?? ""}
                  onChange={({ target }) =>
                    onChange(id, { pin: target.value === "" ? undefined : (target.value as "first" | "last") })
                  }
                >
                  <option value="">{t("pin-none")}</option>
                  <option value="first">{t("pin-first")}</option>
                  <option value="last">{t("pin-last")}</option>
                </chakra.select>
              </td>
              <td>{(waits.get(id) ?? []).map(name).join(", ")}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
