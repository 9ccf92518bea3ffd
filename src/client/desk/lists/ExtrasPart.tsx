"use client";
import { Box } from "@chakra-ui/react";
import { PackagePlus } from "lucide-react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { keepExtras } from "@/api/lists";
import { formatMoney } from "@/core/basics/money";
import { localize, type Words } from "@/core/basics/words";
import { hirePers, type Extra, type Extras } from "@/core/extras/extra";
import { extraCells, extraFates, extraHeads, withExtrasOf, type ExtraFate } from "@/core/imports/extras";
import { freeKey } from "@/core/yacht/note/propose";
import { groups, systems } from "@/core/yacht/parts/basics";
import { Dialog } from "@/ui/kit/Dialog";
import { EmptyState } from "@/ui/kit/EmptyState";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm, type DeskForm } from "../../forms/useDeskForm";
import { useRequest } from "../../api/useRequest";
import { ListFile } from "../list-file/ListFile";
import { CheckRow } from "../shared/CheckRow";
import { useMay } from "../shared/staff";
import { extraFaults, extraOf, shown, typedExtra, type ExtraField } from "./extra-draft";
import { TakeOff } from "./TakeOff";
import { KeptList, useStamp } from "./KeptList";

interface Props {
  extras: Extras;
  number: number;
  last: { by: string; at: string } | null;
  /** places that yachts of the base have, by key */
  places: readonly { key: string; name: Words }[];
  currency: string;
  timeZone: string;
  today: string;
}

/** What the base lends to charters, with its price and what is done with it at a handover. */
export function ExtrasPart(props: Props) {
  const { extras, last, places, currency, timeZone } = props;
  const t = useTranslations("lent");
  const stamp = useStamp(timeZone);
  const mayKeep = useMay("keep-extras");
  const [open, setOpen] = useState<{ key: string | null } | null>(null);
  const placeName = (key: string) => {
    const found = places.find((each) => each.key === key);
    return found ? localize(found.name) : key;
  };
  return (
    <Box display="grid" gap="3">
      <KeptList
        title={t("title")}
        about={t("about")}
        columns={[t("name"), t("stock"), t("hire-price"), t("place")]}
        rows={Object.entries(extras).map(([key, extra]) => ({
          key,
          cells: [
            localize(extra.name),
            extra.stock,
            t("hire-of", {
              isFree: extra.hireMinor === 0 ? "yes" : "no",
              price: formatMoney(extra.hireMinor, currency),
              per: t(`per-${extra.hirePer}`),
            }),
            placeName(extra.places[0] ?? ""),
          ],
          opens: t("change-it", { name: localize(extra.name) }),
        }))}
        words={{ add: t("add"), change: t("change"), notYours: t("not-yours") }}
        empty={<EmptyState sign={PackagePlus} title={t("none")} words={t("none-words")} />}
        mayKeep={mayKeep}
        onOpen={(key) => setOpen({ key })}
      />
      {mayKeep && <ExtrasFile {...props} />}
      {last && <p>{t("last", { by: last.by, at: stamp(last.at) })}</p>}
      {open && <ExtraDialog {...props} of={open.key} onClose={() => setOpen(null)} />}
    </Box>
  );
}

/** The list out of a file and into one. */
function ExtrasFile({ extras, number, places, currency, timeZone, today }: Props) {
  const t = useTranslations("lent");
  const { request, busy, fault } = useRequest();
  return (
    <ListFile<ExtraFate>
      csv={{ name: "extras.csv", heads: extraHeads, rows: () => extraCells(extras, (minor) => shown(minor, currency)) }}
      fatesOf={(table) => extraFates(table, { extras, currency, timeZone, today, places })}
      columnWord={(column) => t(`file-column-${column as ExtraFate["faults"][number]["column"]}`)}
      hint={t("file-words")}
      busy={busy}
      fault={fault}
      onTake={(fates) =>
        void request(keepExtras, { body: { onNumber: number, extras: withExtrasOf(extras, fates, freeKey) } })
      }
    />
  );
}

/** One extra, typed in a form of its own; the whole list is kept with it. */
function ExtraDialog({
  extras,
  number,
  places,
  currency,
  today,
  of,
  onClose,
}: Props & { of: string | null; onClose: () => void }) {
  const t = useTranslations("lent");
  const all = useTranslations();
  const before: Extra | null = of === null ? null : (extras[of] ?? null);
  const [safety, setSafety] = useState(before?.safety ?? false);
  const typed = typedExtra(before, currency, places[0]?.key ?? "", today);
  const label = (field: ExtraField) => t(field, { currency });
  const form = useDeskForm(keepExtras, {
    fields: Object.fromEntries(
      (Object.keys(typed) as ExtraField[]).map((field) => [field, { label: label(field), typed: typed[field] }]),
    ) as Record<ExtraField, { label: string; typed: string }>,
    says: (now) =>
      Object.fromEntries(Object.entries(extraFaults(now, currency)).map(([field, say]) => [field, t(say)])),
    ask: (now) => ({
      body: {
        onNumber: number,
        extras: { ...extras, [of ?? freeKey(extras, now.name)]: extraOf(now, before, safety, currency) },
      },
    }),
    onTaken: onClose,
  });
  return (
    <Dialog title={before ? localize(before.name) : t("add")} closeWord={all("common.back")} onClose={onClose} atSide>
      <FormFrame form={form} action={t("keep")}>
        <FormInput form={form} name="name" maxLength={120} autoFocus />
        <Price form={form} />
        <Stowed form={form} places={places} />
        <FormInput form={form} name="testHow" hint={t("testHow-hint")} maxLength={1000} />
        <FormInput form={form} name="say" hint={t("say-hint")} maxLength={1000} />
        {form.typed.say.trim() !== "" && <FormInput form={form} name="minutes" inputMode="decimal" />}
        <CheckRow checked={safety} onChange={setSafety}>
          {t("safety")}
        </CheckRow>
      </FormFrame>
      {of !== null && (
        <TakeOff
          endpoint={keepExtras}
          ask={{ body: { onNumber: number, extras: without(extras, of) } }}
          label={t("take-off")}
          about={t("take-off-words")}
          onTaken={onClose}
        />
      )}
    </Dialog>
  );
}

const without = (extras: Extras, key: string): Extras =>
  Object.fromEntries(Object.entries(extras).filter(([each]) => each !== key));

const pair = { display: "grid", gridTemplateColumns: "1fr 1fr", gap: "3" } as const;

/** How many there are, what the hire costs, and what one costs that is lost. */
function Price({ form }: { form: DeskForm<ExtraField> }) {
  const t = useTranslations("lent");
  return (
    <Box {...pair}>
      <FormInput form={form} name="hire" inputMode="decimal" />
      <FormSelect form={form} name="hirePer">
        {hirePers.map((per) => (
          <option key={per} value={per}>
            {t(`per-${per}`)}
          </option>
        ))}
      </FormSelect>
      <FormInput form={form} name="stock" inputMode="numeric" />
      <FormInput form={form} name="replacement" inputMode="decimal" />
      <FormInput form={form} name="boughtOn" type="date" />
      <FormInput form={form} name="lifeMonths" inputMode="numeric" />
      <FormInput form={form} name="jacketFrom" inputMode="numeric" />
      <FormInput form={form} name="jacketTo" hint={t("jacketTo-hint")} inputMode="numeric" />
    </Box>
  );
}

/** Where it lies, and what it counts as. */
function Stowed({ form, places }: { form: DeskForm<ExtraField>; places: Props["places"] }) {
  const t = useTranslations("lent");
  const all = useTranslations();
  return (
    <Box {...pair}>
      <FormSelect form={form} name="place">
        {places.map(({ key, name }) => (
          <option key={key} value={key}>
            {localize(name)}
          </option>
        ))}
      </FormSelect>
      <FormInput form={form} name="where" hint={t("where-hint")} maxLength={400} />
      <FormSelect form={form} name="system">
        {systems.map((system) => (
          <option key={system} value={system}>
            {all(`system.${system}`)}
          </option>
        ))}
      </FormSelect>
      <FormSelect form={form} name="group">
        {groups.map((group) => (
          <option key={group} value={group}>
            {all(`prices.group-${group}`)}
          </option>
        ))}
      </FormSelect>
    </Box>
  );
}
