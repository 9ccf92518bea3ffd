"use client";
import { chooseRecord } from "@/api/handovers";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { SealBrief } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { useFocusFault } from "../forms/useFocusFault";

/** Signed records of a handover of which not simply one stands: each is kept whole, and a manager says what becomes of it. */
export function ReceivedRecords({
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
  const t = useTranslations("received");
  const [why, setWhy] = useState("");
  const { fault, faultAt, setFault, request } = useRequest(["why"]);
  const part = useFocusFault(faultAt("why"));
  const settle = async (seal: string, stands: boolean) => {
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    if (await request(chooseRecord, { params: { id: handover }, body: { seal, stands, why: why.trim() } })) setWhy("");
  };
  const isSettled = seals.some(({ stands }) => stands);
  return (
    <Box ref={part} id="records" display="grid" gap="3">
      <Chip verdict={isSettled ? "watch" : "stop"}>{t(isSettled ? "title-more" : "title-none")}</Chip>
      <p>{t(isSettled ? "words-more" : "words-none")}</p>
      {mayChoose ? (
        <Field label={t("why")} hint={t("why-hint")} error={faultAt("why") ?? fault}>
          {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
        </Field>
      ) : (
        <p>{t("manager")}</p>
      )}
      <chakra.ul display="grid" gap="3">
        {seals.map((each) => (
          <Box as="li" key={each.seal} display="grid" gap="2" paddingBlock="2">
            <span>
              {t("sealed", { at: at(each.sealedAt), received: at(each.receivedAt), seal: each.seal.slice(0, 12) })}{" "}
              <strong>{t(standingOf(each), { why: each.settledWhy ?? "" })}</strong>
            </span>
            {!each.stands && each.problems.length > 0 && (
              <chakra.ul paddingLeft="5" listStyleType="square">
                {each.problems.map((problem) => (
                  <li key={problem}>{t(`problem-${problem}`)}</li>
                ))}
              </chakra.ul>
            )}
            {!each.stands && each.differ && <Differing differ={each.differ} />}
            {mayChoose && (
              <Box display="flex" flexWrap="wrap" gap="3">
                {!each.stands && !each.problems.includes("entries-to-come") && (
                  <Button onClick={() => void settle(each.seal, true)}>{t("choose")}</Button>
                )}
                {each.settled !== false && <Button onClick={() => void settle(each.seal, false)}>{t("again")}</Button>}
              </Box>
            )}
          </Box>
        ))}
      </chakra.ul>
    </Box>
  );
}

/** The lines that only one of the two has: what was signed, and what the entries say. */
function Differing({ differ }: { differ: NonNullable<SealBrief["differ"]> }) {
  const t = useTranslations("received");
  return (
    <Box display="grid" gap="2" borderLeftWidth="4px" borderLeftStyle="solid" borderColor="kelp" paddingLeft="3">
      {(["signed", "own"] as const).map((side) => (
        <Box key={side}>
          <strong>{t(`only-${side}`)}</strong>
          <chakra.ul aria-label={t(`only-${side}`)} paddingLeft="5" listStyleType="square">
            {differ[side].length === 0 && <li>{t("only-nothing")}</li>}
            {differ[side].map((line) => (
              <li key={line}>{line}</li>
            ))}
          </chakra.ul>
        </Box>
      ))}
    </Box>
  );
}

const standingOf = ({ stands, settled }: SealBrief) =>
  stands ? "stands" : settled === false ? "sent-back" : "does-not-stand";
