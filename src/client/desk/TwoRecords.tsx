"use client";
import { chooseRecord } from "@/api/handovers";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { SealBrief } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";

/** Two devices each sealed this handover without knowing of the other: both records are kept, and a manager says which stands. */
export function TwoRecords({
  handover,
  seals,
  mayChoose,
  at,
}: {
  handover: string;
  seals: readonly SealBrief[];
  mayChoose: boolean;
  at: (instant: string) => string;
}) {
  const t = useTranslations("two-records");
  const [why, setWhy] = useState("");
  const { fault, faultAt, setFault, request } = useRequest(["why"]);
  const choose = async (seal: string) => {
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    if (await request(chooseRecord, { params: { id: handover }, body: { seal, why: why.trim() } })) setWhy("");
  };
  return (
    <Box display="grid" gap="3">
      <Chip verdict="watch">{t("title")}</Chip>
      <p>{t("words")}</p>
      {mayChoose && (
        <Field label={t("why")} error={faultAt("why") ?? fault}>
          {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
        </Field>
      )}
      <ul>
        {seals.map((each) => (
          <Box as="li" key={each.seal} display="flex" flexWrap="wrap" gap="3" alignItems="center" paddingBlock="2">
            <span>
              {t("sealed", { at: at(each.sealedAt), received: at(each.receivedAt), seal: each.seal.slice(0, 12) })}{" "}
              {each.stands && <strong>{t("stands")}</strong>}
            </span>
            {mayChoose && !each.stands && <Button onClick={() => void choose(each.seal)}>{t("choose")}</Button>}
          </Box>
        ))}
      </ul>
    </Box>
  );
}
