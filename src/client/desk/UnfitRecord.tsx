"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { isUnfit, type RecordFault } from "@/core/handover/record-fault";
import { faultWords } from "@/messages/fault-words";
import { Chip } from "@/ui/Chip";

/** A signed record whose kept parts do not fit: what, and that no money is settled on it. Nothing where all fits. */
export function UnfitRecord({ faults }: { faults: readonly RecordFault[] }) {
  const t = useTranslations();
  if (faults.length === 0) return null;
  const unfit = isUnfit(faults);
  return (
    <Box display="grid" gap="2" role="alert">
      <Chip verdict={unfit ? "stop" : "watch"}>{t(unfit ? "unfit.title" : "unfit.title-time")}</Chip>
      <chakra.ul paddingLeft="5" listStyleType="square">
        {faults.map((fault) => (
          <li key={JSON.stringify(fault)}>{faultWords(t, fault)}</li>
        ))}
      </chakra.ul>
      {unfit && <p>{t("unfit.words")}</p>}
    </Box>
  );
}
