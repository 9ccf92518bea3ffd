"use client";
import { signStatement } from "@/api/stays";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { MissingSigner } from "@/core/handover/seal";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Choice } from "@/ui/Choice";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { SignatureField, type Signed } from "@/ui/signature/SignatureField";
import { makeSignature } from "../signing/make-signature";
import { WithoutSkipper } from "../signing/WithoutSkipper";
import { useSignatureWords } from "../signing/useSignatureWords";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
  onClose: () => void;
}

/** Both read the sums and sign them; the charterer may sign with reservation on single lines, in own words. */
export function SettlementSigning({ screen, me, onClose }: Props) {
  const t = useTranslations("settle");
  const signatureWords = useSignatureWords();
  const [signed, setSigned] = useState<Record<"base" | "skipper", Signed | null>>({ base: null, skipper: null });
  const [reservations, setReservations] = useState<Record<string, string>>({});
  const [tried, setTried] = useState(false);
  const { fault, setFault, busy, request } = useRequest();
  const [without, setWithout] = useState<MissingSigner | null>(null);
  const [witness, setWitness] = useState("");
  const all = useTranslations();
  const { output, stay } = screen;
  const [who, setWho] = useState<"charterer" | "skipper">("charterer");
  const signer =
    who === "charterer"
      ? { person: stay.chartererId, name: stay.charterer }
      : { person: stay.skipperId, name: stay.skipper };
  const money = (minor: number) => formatMoney(minor, screen.currency);
  const nameOf = (id: string) =>
    screen.items.find((item) => item.proposal.difference.id === id)?.name ??
    screen.extras.find((each) => each.id === id)?.name ??
    id;
  const lines = output.lines.filter((line) => line.chargedMinor > 0 || line.heldMinor > 0);
  const words = [
    ...output.lines.map((line) => `${nameOf(line.id)}: ${line.how}`),
    `${t("due")}: ${money(output.dueMinor)}`,
    `${t("capture")}: ${money(output.captureMinor)}`,
    `${t("held")}: ${money(output.heldMinor)}`,
    `${t("release")}: ${money(output.releaseMinor)}`,
    `${t("still")}: ${money(output.stillToPayMinor)}`,
    ...screen.extras.flatMap(({ extra, name }) =>
      extra.kind === "below-water" ? [t("but-for", { name, sum: money(extra.amountMinor) })] : [],
    ),
    ...(without
      ? [all("without.declaration", { why: all(`without.they-${without.reason}`), words: without.words, witness })]
      : []),
    ...(who === "skipper" && !without
      ? [t("by-authority", { skipper: stay.skipper, charterer: stay.charterer, authority: stay.authority ?? "" })]
      : []),
  ];
  const sign = async () => {
    setTried(true);
    const at = new Date().toISOString();
    const base = makeSignature("base", me.person, signed.base, at);
    // a witness is nobody the base has on its books: the name stands in the signature
    const other = without
      ? makeSignature("witness", crypto.randomUUID(), signed.skipper, at)
      : makeSignature("skipper", signer.person, signed.skipper, at);
    if (without && (without.words.trim() === "" || witness.trim() === "")) return setFault(all("without.missing"));
    if (!base || !other) return;
    const sealed = await request(signStatement, {
      params: { id: stay.stayId },
      body: {
        digest: screen.digest,
        words,
        signatures: [base.signature, other.signature],
        contents: { base: base.content, [without ? "witness" : "skipper"]: other.content },
        without: without && { ...without, words: without.words.trim() },
        reservations: without
          ? []
          : Object.entries(reservations)
              .filter(([, said]) => said.trim() !== "")
              .map(([line, said]) => ({ line, words: said.trim() })),
      },
    });
    if (sealed) onClose();
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
          <Box
            key={line.id}
            display="grid"
            gap="1"
            borderBottomWidth="1px"
            borderBottomStyle="solid"
            borderColor="line"
            paddingBottom="3"
          >
            <p>
              <strong>{nameOf(line.id)}</strong>: {line.how}
            </p>
            {!without && (
              <Field label={t("reservation", { name: nameOf(line.id) })}>
                {(ids) => (
                  <Input
                    {...ids}
                    maxLength={1000}
                    value={reservations[line.id] ?? ""}
                    onChange={(event) => setReservations((all) => ({ ...all, [line.id]: event.target.value }))}
                  />
                )}
              </Field>
            )}
          </Box>
        ))}
        <p>
          {t("due")}: <strong>{money(output.dueMinor)}</strong> · {t("held")}:{" "}
          <strong>{money(output.heldMinor)}</strong> · {t("release")}: <strong>{money(output.releaseMinor)}</strong>
        </p>
        {output.heldMinor > 0 && <p>{t("hold-stays")}</p>}
        {screen.extras.map(
          ({ id, extra, name }) =>
            extra.kind === "below-water" && <p key={id}>{t("but-for", { name, sum: money(extra.amountMinor) })}</p>,
        )}
        <WithoutSkipper
          without={without}
          witness={witness}
          onChange={(next) => {
            if ((next === null) !== (without === null)) setSigned((both) => ({ ...both, skipper: null }));
            setWithout(next);
          }}
          onWitness={setWitness}
        />
        {screen.stay.terms.deposit.how === "card-hold" && <p>{t("simulated")}</p>}
        {stay.authority !== null && !without && (
          <Choice
            label={t("who-signs")}
            options={(["charterer", "skipper"] as const).map((each) => ({
              value: each,
              word: `${t(`for-${each}`)}: ${stay[each]}`,
            }))}
            value={who}
            onChoose={(next) => {
              setWho(next);
              setSigned((both) => ({ ...both, skipper: null }));
            }}
          />
        )}
        {who === "skipper" && !without && (
          <p>
            {t("by-authority", { skipper: stay.skipper, charterer: stay.charterer, authority: stay.authority ?? "" })}
          </p>
        )}
        <Box display="grid" gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }} gap="5">
          <SignatureField
            title={t("for-base")}
            name={me.name}
            words={signatureWords}
            error={tried && !signed.base ? t("blank") : null}
            onChange={(value) => setSigned((both) => ({ ...both, base: value }))}
          />
          <SignatureField
            key={without ? "witness" : who}
            title={without ? all("without.for-witness") : t(`for-${who}`)}
            name={without ? witness : signer.name}
            words={signatureWords}
            error={tried && !signed.skipper ? t("blank") : null}
            onChange={(value) => setSigned((both) => ({ ...both, skipper: value }))}
          />
        </Box>
        <Fault words={fault} />
      </Box>
    </Sheet>
  );
}
