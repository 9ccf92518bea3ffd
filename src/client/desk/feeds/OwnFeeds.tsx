"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { endFeed, makeFeed } from "@/api/feeds";
import type { FeedsView } from "@/api/schemas/feeds";
import { Field } from "@/ui/Field";
import { useRequest } from "../../api/useRequest";
import { CheckRow } from "../shared/CheckRow";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { OnceBox } from "../shared/OnceBox";
import { FeedRow } from "./FeedRow";
import { useReadAt } from "./useReadAt";

/** Addresses under which other programs read the base's charters. */
export function OwnFeeds({ view: { yachts, feeds, timeZone } }: { view: FeedsView }) {
  const t = useTranslations("feeds");
  const readAt = useReadAt(timeZone);
  const [yacht, setYacht] = useState("");
  const [withNames, setWithNames] = useState(false);
  const [path, setPath] = useState<string | null>(null);
  const { request, busy, fault } = useRequest();
  const make = async () => {
    const body = { kind: yacht === "" ? ("base" as const) : ("yacht" as const), yacht: yacht || null, withNames };
    const made = await request(makeFeed, { body });
    if (made) setPath(made.path);
  };
  return (
    <DeskPart title={t("own")} isFirst>
      <p>{t("own-words")}</p>
      <Field label={t("of")}>
        {(ids) => (
          <select {...ids} value={yacht} onChange={(event) => setYacht(event.target.value)}>
            <option value="">{t("whole-base")}</option>
            {yachts.map(({ slug, name }) => (
              <option key={slug} value={slug}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <CheckRow checked={withNames} onChange={setWithNames}>
        {t("with-names")}
      </CheckRow>
      <Button justifySelf="start" disabled={busy} onClick={() => void make()}>
        {t("make")}
      </Button>
      <Fault words={fault} />
      {path !== null && (
        <OnceBox>
          <p>{t("once")}</p>
          <strong>
            {location.origin}
            {path}
          </strong>
        </OnceBox>
      )}
      {feeds.length === 0 && <p>{t("no-feeds")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {feeds.map((feed) => (
          <FeedRow
            key={feed.id}
            name={t("feed", { yacht: feed.yacht ?? "none", names: feed.withNames ? "yes" : "no" })}
            about={t("feed-read", { at: readAt(feed.readAt), by: feed.by })}
          >
            <Button disabled={busy} onClick={() => void request(endFeed, { params: { id: feed.id } })}>
              {t("end")}
            </Button>
          </FeedRow>
        ))}
      </chakra.ul>
    </DeskPart>
  );
}
