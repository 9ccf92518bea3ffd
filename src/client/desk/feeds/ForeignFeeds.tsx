"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { addForeignFeed, endForeignFeed, readForeignFeed } from "@/api/feeds";
import type { FeedsView } from "@/api/schemas/feeds";
import { useRequest } from "../../api/useRequest";
import { FormInput, FormSelect } from "../../forms/FormField";
import { FormFrame } from "../../forms/FormFrame";
import { useDeskForm } from "../../forms/useDeskForm";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { FeedRow } from "./FeedRow";
import { useReadAt } from "./useReadAt";

/** Calendars of others that are read here: what they tell is promised elsewhere. */
export function ForeignFeeds({ view: { yachts, foreign, timeZone } }: { view: FeedsView }) {
  const t = useTranslations("feeds");
  const errors = useTranslations("error");
  const readAt = useReadAt(timeZone);
  const { request, busy, fault } = useRequest();
  const form = useDeskForm(addForeignFeed, {
    fields: {
      yacht: { label: t("yacht"), typed: yachts[0]?.slug ?? "" },
      name: { label: t("name") },
      address: { label: t("address") },
    },
    ask: ({ yacht, name, address }) => ({ body: { yacht, name: name.trim(), address: address.trim() } }),
    onTaken: ({ id }) => void request(readForeignFeed, { params: { id } }),
    clears: true,
  });
  return (
    <DeskPart title={t("foreign")} isFirst>
      <p>{t("foreign-words")}</p>
      <FormFrame form={form} action={t("add")}>
        <FormSelect form={form} name="yacht">
          {yachts.map(({ slug, name }) => (
            <option key={slug} value={slug}>
              {name}
            </option>
          ))}
        </FormSelect>
        <FormInput form={form} name="name" maxLength={60} />
        <FormInput form={form} name="address" inputMode="url" maxLength={2000} />
      </FormFrame>
      <Fault words={fault} />
      {foreign.length === 0 && <p>{t("no-foreign")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {foreign.map(({ id, name, host, yacht, readAt: last, fault: code, promised }) => (
          <FeedRow
            key={id}
            name={t("foreign-line", { yacht, name })}
            about={t("foreign-read", { host, at: readAt(last), promised })}
            fault={code !== null && errors.has(code as "feed-away") ? errors(code as "feed-away") : null}
          >
            <Button disabled={busy} onClick={() => void request(readForeignFeed, { params: { id } })}>
              {t("read")}
            </Button>
            <Button disabled={busy} onClick={() => void request(endForeignFeed, { params: { id } })}>
              {t("end")}
            </Button>
          </FeedRow>
        ))}
      </chakra.ul>
    </DeskPart>
  );
}
