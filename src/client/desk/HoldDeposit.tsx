"use client";
import { holdDeposit } from "@/api/stays";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Segments } from "@/ui/kit/Segments";

type Card = "approves" | "declines" | "no-answer";

/** Holds the deposit through the simulated terminal; what the card does is chosen here, and said to be simulated. */
export function HoldDeposit({ stayId, amount }: { stayId: string; amount: string }) {
  const t = useTranslations("charter");
  const router = useRouter();
  const [card, setCard] = useState<Card>("approves");
  const [requestKey, setRequestKey] = useState(() => crypto.randomUUID());
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const hold = async () => {
    setBusy(true);
    try {
      const { outcome } = await call(holdDeposit, { params: { id: stayId }, body: { requestKey, card } });
      setSaid(t(`outcome-${outcome}`));
      // a request that got no answer is asked again under its own key, so that nothing is held twice
      if (outcome === "declined") setRequestKey(crypto.randomUUID());
      if (outcome === "held") router.refresh();
    } catch (error) {
      setSaid(error instanceof AppError ? error.message : t("no-signal"));
    }
    setBusy(false);
  };
  return (
    <Box
      display="grid"
      gap="3"
      justifyItems="start"
      padding="4"
      background="brassGround"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="brass"
    >
      <p>
        <strong>{t("simulated")}</strong> {t("simulated-words")}
      </p>
      <Segments
        label={t("card")}
        options={(["approves", "declines", "no-answer"] as const).map((value) => ({ value, word: t(`card-${value}`) }))}
        value={card}
        onChoose={setCard}
      />
      <Button variant="solid" size="lg" onClick={hold} disabled={busy}>
        {t("hold", { amount })}
      </Button>
      <p role="status">{said}</p>
    </Box>
  );
}
