"use client";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { SettlementScreen } from "@/formats/desk";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { SignatureField, type Signed } from "@/ui/signature/SignatureField";
import { anything, ApiFault, ask } from "../api";
import { makeSignature } from "../signing/make-signature";
import { useSignatureWords } from "../signing/useSignatureWords";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
  onClose: () => void;
}

/** Both read the sums and sign them; the charterer may sign with reservation on single lines, in own words. */
export function SettlementSigning({ screen, me, onClose }: Props) {
  const t = useTranslations("settle");
  const router = useRouter();
  const signatureWords = useSignatureWords();
  const [signed, setSigned] = useState<Record<"base" | "skipper", Signed | null>>({ base: null, skipper: null });
  const [reservations, setReservations] = useState<Record<string, string>>({});
  const [tried, setTried] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { output, stay } = screen;
  const [who, setWho] = useState<"charterer" | "skipper">("charterer");
  const signer = who === "charterer" ? { person: stay.chartererId, name: stay.charterer } : { person: stay.skipperId, name: stay.skipper };
  const money = (minor: number) => formatMoney(minor, screen.currency, "en");
  const nameOf = (id: string) => screen.items.find((item) => item.proposal.difference.id === id)?.name ?? id;
  const lines = output.lines.filter((line) => line.chargedMinor > 0 || line.heldMinor > 0);
  const words = [
    ...output.lines.map((line) => `${nameOf(line.id)}: ${line.how}`),
    `${t("due")}: ${money(output.dueMinor)}`, `${t("capture")}: ${money(output.captureMinor)}`, `${t("held")}: ${money(output.heldMinor)}`,
    `${t("release")}: ${money(output.releaseMinor)}`, `${t("still")}: ${money(output.stillToPayMinor)}`,
    ...(who === "skipper" ? [t("by-authority", { skipper: stay.skipper, charterer: stay.charterer, authority: stay.authority ?? "" })] : []),
  ];
  const sign = async () => {
    setTried(true);
    const at = new Date().toISOString();
    const base = makeSignature("base", me.person, signed.base, at);
    const skipper = makeSignature("skipper", signer.person, signed.skipper, at);
    if (!base || !skipper) return;
    setBusy(true);
    try {
      await ask(`/api/stays/${stay.stayId}/settlement`, anything, {
        method: "POST",
        body: {
          digest: screen.digest, words, signatures: [base.signature, skipper.signature], contents: { base: base.content, skipper: skipper.content },
          reservations: Object.entries(reservations).filter(([, said]) => said.trim() !== "").map(([line, said]) => ({ line, words: said.trim() })),
        },
      });
      onClose();
      router.refresh();
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : t("no-signal"));
      setBusy(false);
    }
  };
  return (
    <Sheet
      title={t("sign-title")}
      closeWord={t("close")}
      onClose={onClose}
      foot={
        <Button variant="solid" size="lg" onClick={sign} disabled={busy}>
          {busy ? t("busy") : t("seal")}
        </Button>
      }
    >
      <Box display="grid" gap="4">
        {lines.length === 0 && <p>{t("nothing-due")}</p>}
        {lines.map((line) => (
          <Box key={line.id} display="grid" gap="1" borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line" paddingBottom="3">
            <p>
              <strong>{nameOf(line.id)}</strong>: {line.how}
            </p>
            <Field label={t("reservation", { name: nameOf(line.id) })}>
              {(ids) => <Input {...ids} maxLength={1000} value={reservations[line.id] ?? ""} onChange={(event) => setReservations((all) => ({ ...all, [line.id]: event.target.value }))} />}
            </Field>
          </Box>
        ))}
        <p>
          {t("due")}: <strong>{money(output.dueMinor)}</strong> · {t("held")}: <strong>{money(output.heldMinor)}</strong> · {t("release")}: <strong>{money(output.releaseMinor)}</strong>
        </p>
        {screen.stay.terms.deposit.how === "card-hold" && <p>{t("simulated")}</p>}
        {stay.authority !== null && (
          <Choice label={t("who-signs")} options={(["charterer", "skipper"] as const).map((each) => ({ value: each, word: `${t(`for-${each}`)}: ${stay[each]}` }))} value={who} onChoose={(next) => { setWho(next); setSigned((both) => ({ ...both, skipper: null })); }} />
        )}
        {who === "skipper" && <p>{t("by-authority", { skipper: stay.skipper, charterer: stay.charterer, authority: stay.authority ?? "" })}</p>}
        <Box display="grid" gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }} gap="5">
          <SignatureField title={t("for-base")} name={me.name} words={signatureWords} error={tried && !signed.base ? t("blank") : null} onChange={(value) => setSigned((both) => ({ ...both, base: value }))} />
          <SignatureField key={who} title={t(`for-${who}`)} name={signer.name} words={signatureWords} error={tried && !signed.skipper ? t("blank") : null} onChange={(value) => setSigned((both) => ({ ...both, skipper: value }))} />
        </Box>
        {fault && (
          <chakra.p role="alert" color="alarmInk" fontWeight="600">
            {fault}
          </chakra.p>
        )}
      </Box>
    </Sheet>
  );
}
