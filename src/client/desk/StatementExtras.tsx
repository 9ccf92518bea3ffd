"use client";
import { putExtra } from "@/api/stays";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { dayIn, instantIn } from "@/core/basics/instant";
import { formatMoney, minorDigits, parseMoney } from "@/core/basics/money";
import type { Extra } from "@/core/settlement/extra";
import { priceOf } from "@/core/settlement/prices";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Fault } from "./Fault";
import { PricePicker } from "./PricePicker";
import { useRequest } from "../api/useRequest";
import { useMay } from "./staff";

type Adding = "service" | "fuel" | "below-water";

/** What stands on the statement beside the differences: services, fuel receipts, a sum for below the water. */
export function StatementExtras({ screen }: { screen: SettlementScreen }) {
  const t = useTranslations("extra");
  const { request, fault, busy } = useRequest();
  const [adding, setAdding] = useState<Adding | null>(null);
  const { extras, late, currency, signed, stay } = screen;
  const params = { id: stay.stayId };
  const put = async (extra: Extra) => {
    if (await request(putExtra, { params, body: { id: null, extra, why: "" } })) setAdding(null);
  };
  const isTheirs = useMay("charge-by-price-list");
  const mayPut = !signed && isTheirs;
  const settled = new Map((signed?.output ?? screen.output).lines.map((line) => [line.id, line]));
  const isLateOnIt = extras.some(({ extra }) => extra.kind === "service" && extra.words === t("late"));
  if (signed && extras.length === 0) return null;
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderTopStyle="solid"
      borderColor="kelp"
      paddingTop="3"
      display="grid"
      gap="3"
      aria-label={t("title")}
    >
      <h2>{t("title")}</h2>
      {extras.map(({ id, name, by }) => {
        const line = settled.get(id);
        return (
          <Box
            key={id}
            display="flex"
            flexWrap="wrap"
            gap="8px 16px"
            alignItems="center"
            justifyContent="space-between"
            borderBottomWidth="1px"
            borderBottomStyle="solid"
            borderColor="line"
            paddingBottom="2"
          >
            <span>
              <strong>{name}</strong>
              {line && `: ${line.how}`} · {by}
            </span>
            {mayPut && (
              <Button
                onClick={() => void request(putExtra, { params, body: { id, extra: null, why: "" } })}
                disabled={busy}
                aria-label={t("off", { name })}
              >
                {t("take-off")}
              </Button>
            )}
          </Box>
        );
      })}
      {mayPut && late && late.amountMinor > 0 && !isLateOnIt && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <span>
            {t("late-words", {
              minutes: late.minutes,
              hours: late.hours,
              sum: formatMoney(late.amountMinor, currency),
            })}
          </span>
          <Button
            disabled={busy}
            onClick={() =>
              void put({
                kind: "service",
                words: t("late"),
                amountMinor: late.amountMinor,
                reckoned: t("late-how", {
                  minutes: late.minutes,
                  hours: late.hours,
                  perHour: formatMoney(late.amountMinor / late.hours, currency),
                }),
              })
            }
          >
            {t("late-put")}
          </Button>
        </Box>
      )}
      {!signed && screen.notLookedBelow && !extras.some(({ extra }) => extra.kind === "below-water") && (
        <Box>
          <Chip verdict="watch">{t("not-looked")}</Chip>
        </Box>
      )}
      {mayPut && (
        <Choice
          label={t("add")}
          value={adding}
          options={(["service", "fuel", "below-water"] as const).map((value) => ({ value, word: t(`add-${value}`) }))}
          onChoose={(value) => setAdding(value === adding ? null : value)}
        />
      )}
      {adding === "service" && <ServiceForm screen={screen} busy={busy} onPut={put} />}
      {adding === "fuel" && <FuelForm screen={screen} busy={busy} onPut={put} />}
      {adding === "below-water" && <BelowWaterForm screen={screen} busy={busy} onPut={put} />}
      <Fault words={fault} />
    </Box>
  );
}

interface FormProps {
  screen: SettlementScreen;
  busy: boolean;
  onPut: (extra: Extra) => Promise<void>;
}

function ServiceForm({ screen, busy, onPut }: FormProps) {
  const t = useTranslations("extra");
  const { prices, currency } = screen;
  const [words, setWords] = useState("");
  const [amount, setAmount] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const put = async () => {
    const minor = parseMoney(amount, currency);
    if (words.trim() === "") return setWrong(t("words-missing"));
    if (minor === null || minor === 0) return setWrong(t("amount-wrong"));
    setWrong(null);
    await onPut({ kind: "service", words: words.trim(), amountMinor: minor });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="service"
        only
        currency={currency}
        onPick={(item) => {
          setWords(item.words);
          setAmount(
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          );
        }}
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 16rem">
          <Field label={t("words")}>
            {(ids) => (
              <Input {...ids} maxLength={200} value={words} onChange={(event) => setWords(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="9rem">
          <Field label={t("amount", { currency })}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={amount} onChange={(event) => setAmount(event.target.value)} />
            )}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
      <Fault words={wrong} />
    </Box>
  );
}

function FuelForm({ screen, busy, onPut }: FormProps) {
  const t = useTranslations("extra");
  const [litres, setLitres] = useState("");
  const [day, setDay] = useState(() => dayIn(screen.stay.endsAt, screen.timeZone));
  const [reference, setReference] = useState("");
  const [full, setFull] = useState<string>("");
  const [wrong, setWrong] = useState<string | null>(null);
  const put = async () => {
    const number = Number(litres.replace(",", "."));
    if (litres.trim() === "" || !Number.isFinite(number) || number <= 0) return setWrong(t("litres-wrong"));
    if (reference.trim() === "") return setWrong(t("receipt-missing"));
    setWrong(null);
    await onPut({ kind: "fuel", litres: number, day, reference: reference.trim(), full: full === "" ? null : full });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <p>{t("fuel-words")}</p>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box width="7rem">
          <Field label={t("litres")}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={litres} onChange={(event) => setLitres(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="11rem">
          <Field label={t("day")}>
            {(ids) => <Input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
          </Field>
        </Box>
        <Box flex="1 1 12rem">
          <Field label={t("receipt")}>
            {(ids) => (
              <Input
                {...ids}
                maxLength={120}
                value={reference}
                onChange={(event) => setReference(event.target.value)}
              />
            )}
          </Field>
        </Box>
      </Box>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 14rem">
          <Field label={t("full")}>
            {(ids) => (
              <select {...ids} value={full} onChange={(event) => setFull(event.target.value)}>
                <option value="">{t("full-none")}</option>
                {screen.tanks.map(({ line, name }) => (
                  <option key={line} value={line}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
      <Fault words={wrong} />
    </Box>
  );
}

function BelowWaterForm({ screen, busy, onPut }: FormProps) {
  const t = useTranslations("extra");
  const format = useFormatter();
  const { currency, timeZone, prices } = screen;
  const [amount, setAmount] = useState("");
  const [day, setDay] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const put = async () => {
    const minor = parseMoney(amount, currency);
    if (minor === null || minor === 0) return setWrong(t("amount-wrong"));
    if (day === "") return setWrong(t("until-missing"));
    setWrong(null);
    await onPut({ kind: "below-water", amountMinor: minor, until: instantIn(day, "18:00", timeZone) });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <p>{t("water-words")}</p>
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group="underwater"
        only
        currency={currency}
        onPick={(item) =>
          setAmount(
            (priceOf(item, prices.labourPerHourMinor) / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
          )
        }
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box width="10rem">
          <Field label={t("kept-back", { currency })}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={amount} onChange={(event) => setAmount(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="12rem">
          <Field label={t("until-day")}>
            {(ids) => <Input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
      {day !== "" && (
        <chakra.p>
          {t("until-words", {
            at: format.dateTime(new Date(instantIn(day, "18:00", timeZone)), {
              weekday: "long",
              day: "numeric",
              month: "long",
              hour: "2-digit",
              minute: "2-digit",
              hourCycle: "h23",
              timeZone,
            }),
          })}
        </chakra.p>
      )}
      <Fault words={wrong} />
    </Box>
  );
}
