"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { localize } from "@/core/basics/words";
import { titleOf } from "@/core/briefing/topics";
import type { YachtFile } from "@/core/yacht/schema";
import { NumberField } from "@/ui/kit/NumberField";
import { Sortable, SortableRow } from "../shared/Sortable";
import type { Stop, StopChange, Stops } from "./draft";

const mostMinutes = 60;
const columns = { base: "2rem 1fr", md: "2rem minmax(9rem, 1.2fr) 9.5rem 9rem minmax(8rem, 1fr)" };

interface Props {
  file: YachtFile;
  stops: Stops;
  /** the stops in the order they are walked */
  sequence: readonly string[];
  /** stops that each one has to come after */
  waits: ReadonlyMap<string, readonly string[]>;
  disabled: boolean;
  onChange: (id: string, change: StopChange) => void;
  onMove: (from: number, to: number) => void;
  onLook: (place: string) => void;
}

/** The stops of a walk in their order; a row is dragged to where the base wants it, its minutes and its pin are changed in it. */
export function StopRows({ file, stops, sequence, waits, disabled, onChange, onMove, onLook }: Props) {
  const t = useTranslations("tune");
  const name = (id: string) => localize(titleOf(file, id));
  return (
    <Box role="group" aria-label={t("stops")}>
      <Sortable ids={sequence} disabled={disabled} onMove={onMove}>
        {sequence.map((id, index) => {
          const stop = stops[id];
          if (!stop) return null;
          const after = (waits.get(id) ?? []).map(name).join(", ");
          return (
            <SortableRow key={id} id={id} name={name(id)} disabled={disabled}>
              <Box
                data-stop
                flex="1"
                display="grid"
                gridTemplateColumns={columns}
                gap="0 12px"
                alignItems="center"
                minHeight="48px"
                borderBottomWidth="1px"
                borderBottomStyle="solid"
                borderColor="line"
                onMouseEnter={() => onLook(stop.place)}
                onFocus={() => onLook(stop.place)}
              >
                <strong>{index + 1}</strong>
                <span>
                  <strong>{name(id)}</strong>
                  <chakra.small display="block" color="kelp2" lineHeight="1.2">
                    {localize(file.places[stop.place]?.name ?? { en: stop.place })}
                  </chakra.small>
                </span>
                <NumberField
                  label={t("minutes-of", { stop: name(id) })}
                  words={{ less: t("less-of", { stop: name(id) }), more: t("more-of", { stop: name(id) }) }}
                  value={stop.minutes}
                  min={0.5}
                  max={mostMinutes}
                  step={0.5}
                  disabled={disabled}
                  onChange={(minutes) => onChange(id, { minutes })}
                />
                <Pinned stop={stop} name={name(id)} disabled={disabled} onChange={(change) => onChange(id, change)} />
                <chakra.small color="kelp2" lineHeight="1.2">
                  {after !== "" && t("waits", { after })}
                </chakra.small>
              </Box>
            </SortableRow>
          );
        })}
      </Sortable>
    </Box>
  );
}

/** Whether the base has pinned the stop, or moved it to its place. */
function Pinned({
  stop,
  name,
  disabled,
  onChange,
}: {
  stop: Stop;
  name: string;
  disabled: boolean;
  onChange: (change: StopChange) => void;
}) {
  const t = useTranslations("tune");
  return (
    <chakra.select
      minHeight="44px"
      paddingInline="2"
      borderWidth="2px"
      borderStyle="solid"
      borderColor="kelp"
      borderRadius="4px"
      background="paper"
      aria-label={t("pin-of", { stop: name })}
      disabled={disabled}
      value={stop.between ? "moved" : (stop.pin ?? "")}
      onChange={({ target }) =>
        onChange({
          between: target.value === "moved" ? stop.between : undefined,
          pin: target.value === "first" || target.value === "last" ? target.value : undefined,
        })
      }
    >
      <option value="">{t("pin-none")}</option>
      <option value="first">{t("pin-first")}</option>
      <option value="last">{t("pin-last")}</option>
      {stop.between && <option value="moved">{t("pin-moved")}</option>}
    </chakra.select>
  );
}
