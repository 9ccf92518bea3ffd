"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { endHook, makeHook, tryHook } from "@/api/programs";
import type { ProgramsView } from "@/api/schemas/programs";
import { hookKinds, type HookKind } from "@/core/programs/hook-kinds";
import { Field } from "@/ui/Field";
import { useRequest } from "../../api/useRequest";
import { FeedRow } from "../feeds/FeedRow";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { OnceBox } from "../shared/OnceBox";
import { Choices } from "./Choices";

/** Addresses of other programs that are told what happens. */
export function HooksPart({ hooks }: Pick<ProgramsView, "hooks">) {
  const t = useTranslations("programs");
  const [name, setName] = useState("");
  const [address, setAddress] = useState("");
  const [chosen, setChosen] = useState<HookKind[]>([...hookKinds]);
  const [secret, setSecret] = useState<string | null>(null);
  const { request, busy, fault } = useRequest();
  const make = async () => {
    const made = await request(makeHook, { body: { name: name.trim(), address: address.trim(), kinds: chosen } });
    if (!made) return;
    setSecret(made.secret);
    setName("");
    setAddress("");
  };
  const isWhole = name.trim() !== "" && address.trim().length >= 8 && chosen.length > 0;
  return (
    <DeskPart title={t("hooks")} isFirst>
      <p>{t("hooks-words")}</p>
      <Field label={t("name")}>
        {(ids) => <input {...ids} value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />}
      </Field>
      <Field label={t("address")}>
        {(ids) => (
          <input
            {...ids}
            type="url"
            inputMode="url"
            value={address}
            maxLength={2000}
            onChange={(event) => setAddress(event.target.value)}
          />
        )}
      </Field>
      <Choices
        label={t("kinds")}
        options={hookKinds}
        words={(kind) => t(`kind-${kind}`)}
        chosen={chosen}
        onChoose={setChosen}
      />
      <Button justifySelf="start" disabled={busy || !isWhole} onClick={() => void make()}>
        {t("add")}
      </Button>
      <Fault words={fault} />
      {secret !== null && (
        <OnceBox>
          <p>{t("once-secret")}</p>
          <strong>{secret}</strong>
        </OnceBox>
      )}
      {hooks.length === 0 && <p>{t("no-hooks")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {hooks.map(({ id, name: whose, host, kinds, by, waiting, givenUp }) => (
          <FeedRow
            key={id}
            name={whose}
            about={t("hook-line", {
              ...{ host, by, waiting, givenUp },
              kinds: kinds.map((kind) => t(`kind-${kind}`)).join(", "),
            })}
          >
            <Button disabled={busy} onClick={() => void request(tryHook, { params: { id } })}>
              {t("try")}
            </Button>
            <Button disabled={busy} onClick={() => void request(endHook, { params: { id } })}>
              {t("end")}
            </Button>
          </FeedRow>
        ))}
      </chakra.ul>
    </DeskPart>
  );
}
