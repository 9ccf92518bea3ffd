"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { hireExtras } from "@/api/lists";
import type { HireView } from "@/api/schemas/desk";
import { formatMoney } from "@/core/basics/money";
import { localize } from "@/core/basics/words";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";
import { Pair } from "./shared/DeskPart";
import { useMay } from "./shared/staff";

interface Props {
  charterId: string;
  hire: HireView;
  currency: string;
}

/** The extras of a charter: what is hired, what that comes to, and the way to change it until the check-in is opened. */
export function HiredExtras({ charterId, hire, currency }: Props) {
  const t = useTranslations("hired");
  const mayHire = useMay("hire-extras");
  const [isOpen, setOpen] = useState(false);
  if (isOpen) return <HireForm charterId={charterId} hire={hire} onClose={() => setOpen(false)} />;
  return (
    <Box display="grid" gap="2" justifyItems="start">
      {hire.hired.length === 0 ? (
        <p>{t("none")}</p>
      ) : (
        <>
          <ul>
            {hire.hired.map(({ key, count, name }) => (
              <li key={key}>{t("of", { count, name: localize(name) })}</li>
            ))}
          </ul>
          <Pair label={t("sum")}>{formatMoney(hire.sumMinor, currency)}</Pair>
        </>
      )}
      {hire.isFixed ? (
        hire.hired.length > 0 && <p>{t("fixed")}</p>
      ) : (
        <>
          {hire.isPrepOpen && <p>{t("prep-open")}</p>}
          {mayHire &&
            (hire.lent.length === 0 && hire.hired.length === 0 ? (
              <p>{t("lends-nothing")}</p>
            ) : (
              <Button onClick={() => setOpen(true)}>{t("change")}</Button>
            ))}
        </>
      )}
    </Box>
  );
}

interface Wanted {
  key: string;
  count: string;
  place: string;
}

/** How many of which, and where aboard each is stowed. */
function HireForm({ charterId, hire, onClose }: Omit<Props, "currency"> & { onClose: () => void }) {
  const t = useTranslations("hired");
  const all = useTranslations();
  const { request, fault, setFault, busy } = useRequest();
  const [wanted, setWanted] = useState<Wanted[]>(() =>
    hire.hired.map(({ key, count, place }) => ({ key, count: String(count), place })),
  );
  const known = [...hire.lent, ...hire.hired.filter(({ key }) => !hire.lent.some((each) => each.key === key))];
  const left = hire.lent.filter(({ key }) => !wanted.some((each) => each.key === key));
  const change = (key: string, part: Partial<Wanted>) =>
    setWanted((now) => now.map((each) => (each.key === key ? { ...each, ...part } : each)));
  const add = (key: string) => {
    const lent = hire.lent.find((each) => each.key === key);
    if (lent) setWanted((now) => [...now, { key, count: "1", place: lent.place }]);
  };
  const keep = async () => {
    if (!wanted.every(({ count }) => /^[1-9]\d?$/.test(count.trim()))) return setFault(t("count-wrong"));
    const hired = wanted.map(({ count, ...each }) => ({ ...each, count: Number(count) }));
    if (await request(hireExtras, { params: { id: charterId }, body: { onNumber: hire.number, hired } })) onClose();
  };
  return (
    <Box display="grid" gap="3">
      {wanted.map(({ key, count, place }) => (
        <HireRow
          key={key}
          name={localize(known.find((each) => each.key === key)?.name ?? { en: key })}
          free={hire.lent.find((each) => each.key === key)?.free ?? null}
          {...{ count, place }}
          places={hire.places}
          onChange={(part) => change(key, part)}
          onOff={() => setWanted((now) => now.filter((each) => each.key !== key))}
        />
      ))}
      {left.length > 0 && (
        <Field label={t("add")}>
          {(ids) => (
            <select {...ids} value="" onChange={({ target }) => add(target.value)}>
              <option value="">–</option>
              {left.map(({ key, name, free }) => (
                <option key={key} value={key} disabled={free === 0}>
                  {localize(name)} ({t("free", { free })})
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
      <Fault words={fault} />
      <Box display="flex" gap="3">
        <Button variant="solid" disabled={busy} onClick={() => void keep()}>
          {t("keep")}
        </Button>
        <Button onClick={onClose}>{all("common.back")}</Button>
      </Box>
    </Box>
  );
}

/** One extra that is to be hired. */
function HireRow({
  name,
  free,
  count,
  place,
  places,
  onChange,
  onOff,
}: Omit<Wanted, "key"> & {
  name: string;
  /** how many are free over these days; null where the base lends it no more */
  free: number | null;
  places: HireView["places"];
  onChange: (part: Partial<Wanted>) => void;
  onOff: () => void;
}) {
  const t = useTranslations("hired");
  return (
    <Box
      role="group"
      aria-label={name}
      display="grid"
      gridTemplateColumns="5rem minmax(0, 1fr) auto"
      gap="0 8px"
      alignItems="end"
    >
      <Box gridColumn="1 / -1">
        <strong>{name}</strong> {free !== null && t("free", { free })}
      </Box>
      <Field label={t("count")}>
        {(ids) => (
          <input
            {...ids}
            inputMode="numeric"
            value={count}
            onChange={(event) => onChange({ count: event.target.value })}
          />
        )}
      </Field>
      <Field label={t("place")}>
        {(ids) => (
          <select {...ids} value={place} onChange={(event) => onChange({ place: event.target.value })}>
            {places.map((each) => (
              <option key={each.key} value={each.key}>
                {localize(each.name)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Button aria-label={t("off", { name })} onClick={onOff}>
        ×
      </Button>
    </Box>
  );
}
