"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { AnyEndpoint } from "@/api/endpoint";
import { beginFactor, confirmFactor, endOwnFactor, renewCodes } from "@/api/second-factor";
import type { BegunFactor, FactorState } from "@/api/schemas/second-factor";
import { useRequest } from "../api/useRequest";
import { useStamp } from "../desk/lists/KeptList";
import { Fault } from "../desk/shared/Fault";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";
import { OnceBox } from "../desk/shared/OnceBox";

interface Props {
  state: FactorState;
  timeZone: string;
  /** goes on once it is in force and the recovery codes were kept; nowhere where it is set up beside other things */
  onSet?: () => void;
}

/** One's own second factor: set up with a phone, recovery codes shown once, taken away with a code. */
export function SecondFactor({ state, timeZone, onSet }: Props) {
  const t = useTranslations("second-factor");
  const stamp = useStamp(timeZone);
  const { request, fault, busy } = useRequest();
  const [begun, setBegun] = useState<BegunFactor | null>(null);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const [doing, setDoing] = useState<"renew" | "end" | null>(null);
  if (codes)
    return (
      <Recovery
        codes={codes}
        onKept={() => {
          setCodes(null);
          onSet?.();
        }}
      />
    );
  if (state.since === null && begun)
    return (
      <Box display="grid" gap="3" justifyItems="start">
        <p>{t("scan")}</p>
        <chakra.img
          alt={t("picture")}
          width="200px"
          height="200px"
          src={`data:image/svg+xml;utf8,${encodeURIComponent(begun.picture)}`}
        />
        <p>
          {t("letters")} <code>{begun.secret.match(/.{1,4}/g)?.join(" ")}</code>
        </p>
        <WithCode
          endpoint={confirmFactor}
          action={t("confirm")}
          onTaken={(answer) => setCodes((answer as { codes: string[] }).codes)}
        />
      </Box>
    );
  if (state.since === null)
    return (
      <Box display="grid" gap="3" justifyItems="start">
        <p>{t("off")}</p>
        <Button disabled={busy} onClick={() => void request(beginFactor, {}).then(setBegun)}>
          {t("begin")}
        </Button>
        <Fault words={fault} />
      </Box>
    );
  return (
    <Box display="grid" gap="3" justifyItems="start">
      <p>{t("on", { since: stamp(state.since), left: state.codesLeft })}</p>
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button onClick={() => setDoing("renew")}>{t("renew")}</Button>
        <Button onClick={() => setDoing("end")}>{t("end")}</Button>
      </Box>
      {onSet && (
        <Button variant="solid" onClick={onSet}>
          {t("go-on")}
        </Button>
      )}
      {doing === "renew" && (
        <WithCode
          endpoint={renewCodes}
          action={t("renew-do")}
          onTaken={(answer) => setCodes((answer as { codes: string[] }).codes)}
        />
      )}
      {doing === "end" && <WithCode endpoint={endOwnFactor} action={t("end-do")} onTaken={() => setDoing(null)} />}
    </Box>
  );
}

/** Something that takes a code of the phone. */
function WithCode<E extends AnyEndpoint>({
  endpoint,
  action,
  onTaken,
}: {
  endpoint: E;
  action: string;
  onTaken: (answer: unknown) => void;
}) {
  const t = useTranslations("second-factor");
  const form = useDeskForm(endpoint, {
    fields: { code: { label: t("code") } },
    ask: ({ code }) => ({ body: { code: code.trim() } }) as never,
    says: ({ code }) => ({ code: code.trim() === "" && t("code-missing") }),
    onTaken,
    clears: true,
  });
  return (
    <FormFrame form={form} action={action}>
      <FormInput form={form} name="code" autoComplete="one-time-code" maxLength={40} />
    </FormFrame>
  );
}

function Recovery({ codes, onKept }: { codes: readonly string[]; onKept: () => void }) {
  const t = useTranslations("second-factor");
  const [isCopied, setCopied] = useState(false);
  return (
    <OnceBox>
      <p>{t("codes-words")}</p>
      <chakra.ul
        listStyleType="none"
        display="grid"
        gridTemplateColumns="auto auto"
        columnGap="8"
        rowGap="1"
        justifyContent="start"
        aria-label={t("codes")}
      >
        {codes.map((code) => (
          <li key={code}>
            <code>{code}</code>
          </li>
        ))}
      </chakra.ul>
      <Box display="flex" flexWrap="wrap" gap="3">
        <Button onClick={() => void navigator.clipboard.writeText(codes.join("\n")).then(() => setCopied(true))}>
          {t(isCopied ? "copied" : "copy")}
        </Button>
        <Button variant="solid" onClick={onKept}>
          {t("kept")}
        </Button>
      </Box>
    </OnceBox>
  );
}
