"use client";
import { signStatement } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { MissingSigner } from "@/core/handover/seal";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Choice } from "@/ui/Choice";
import { Sheet } from "@/ui/Sheet";
import { SignatureField, type Signed } from "@/ui/signature/SignatureField";
import { makeSignature } from "../signing/make-signature";
import { WithoutSkipper } from "../signing/WithoutSkipper";
import { useSignatureWords } from "../signing/useSignatureWords";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { SumsToSign } from "./statement/SumsToSign";
import { useSignedWords } from "./statement/useSignedWords";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
  onClose: () => void;
}

/** The reservations that say something, by line. */
const saidOf = (reservations: Record<string, string>) =>
  Object.entries(reservations)
    .map(([line, said]) => ({ line, words: said.trim() }))
    .filter(({ words }) => words !== "");

/** Both read the sums and sign them; the charterer may sign with reservation on single lines, in own words. */
export function SettlementSigning({ screen, me, onClose }: Props) {
  const t = useTranslations("settle");
  const [signed, setSigned] = useState<Record<"base" | "skipper", Signed | null>>({ base: null, skipper: null });
  const [reservations, setReservations] = useState<Record<string, string>>({});
  const [tried, setTried] = useState(false);
  const { fault, setFault, busy, request } = useRequest();
  const [without, setWithout] = useState<MissingSigner | null>(null);
  const [witness, setWitness] = useState("");
  const all = useTranslations();
  const { stay } = screen;
  const [who, setWho] = useState<"charterer" | "skipper">("charterer");
  const signer = { person: stay[`${who}Id`], name: stay[who] };
  const words = useSignedWords(screen, without, witness, who);
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
        reservations: without ? [] : saidOf(reservations),
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
        <SumsToSign
          screen={screen}
          reservations={without ? null : reservations}
          onReserve={(line, said) => setReservations((before) => ({ ...before, [line]: said }))}
        />
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
        {!without && (
          <WhoSigns
            stay={stay}
            who={who}
            onChoose={(next) => {
              setWho(next);
              setSigned((both) => ({ ...both, skipper: null }));
            }}
          />
        )}
        <BothSign
          base={{ title: t("for-base"), name: me.name }}
          other={
            without
              ? { title: all("without.for-witness"), name: witness, who: "witness" }
              : { title: t(`for-${who}`), name: signer.name, who }
          }
          missing={{ base: tried && !signed.base, skipper: tried && !signed.skipper }}
          onSigned={(side, value) => setSigned((both) => ({ ...both, [side]: value }))}
        />
        <Fault words={fault} />
      </Box>
    </Sheet>
  );
}

/** Who signs for the money: the charterer, or the skipper by written authority. */
function WhoSigns({
  stay,
  who,
  onChoose,
}: {
  stay: SettlementScreen["stay"];
  who: "charterer" | "skipper";
  onChoose: (who: "charterer" | "skipper") => void;
}) {
  const t = useTranslations("settle");
  const { charterer, skipper, authority } = stay;
  return (
    <>
      {authority !== null && (
        <Choice
          label={t("who-signs")}
          options={(["charterer", "skipper"] as const).map((each) => ({
            value: each,
            word: `${t(`for-${each}`)}: ${stay[each]}`,
          }))}
          value={who}
          onChoose={onChoose}
        />
      )}
      {who === "skipper" && <p>{t("by-authority", { skipper, charterer, authority: authority ?? "" })}</p>}
    </>
  );
}

/** The two places to sign in, the base's and that of who signs for the money. */
function BothSign({
  base,
  other,
  missing,
  onSigned,
}: {
  base: { title: string; name: string };
  other: { title: string; name: string; who: "witness" | "charterer" | "skipper" };
  missing: Record<"base" | "skipper", boolean>;
  onSigned: (side: "base" | "skipper", signed: Signed | null) => void;
}) {
  const t = useTranslations("settle");
  const words = useSignatureWords();
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }} gap="5">
      <SignatureField
        {...base}
        words={words}
        error={missing.base ? t("blank") : null}
        onChange={(value) => onSigned("base", value)}
      />
      <SignatureField
        key={other.who}
        title={other.title}
        name={other.name}
        words={words}
        error={missing.skipper ? t("blank") : null}
        onChange={(value) => onSigned("skipper", value)}
      />
    </Box>
  );
}
