"use client";
import { Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { endProgram, makeProgram } from "@/api/programs";
import type { ProgramsView } from "@/api/schemas/programs";
import { scopes, type Scope } from "@/core/programs/scopes";
import { Field } from "@/ui/Field";
import { useRequest } from "../../api/useRequest";
import { FeedRow } from "../feeds/FeedRow";
import { useReadAt } from "../feeds/useReadAt";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { OnceBox } from "../shared/OnceBox";
import { Choices } from "./Choices";

/** Where what a token can ask is described. */
const description = "/api/openapi.json";

/** Tokens of other programs: made with what they may do, shown once, ended. */
export function TokensPart({ programs, timeZone }: Pick<ProgramsView, "programs" | "timeZone">) {
  const t = useTranslations("programs");
  const usedAt = useReadAt(timeZone);
  const [name, setName] = useState("");
  const [chosen, setChosen] = useState<Scope[]>(["read-charters"]);
  const [token, setToken] = useState<string | null>(null);
  const { request, busy, fault } = useRequest();
  const make = async () => {
    const made = await request(makeProgram, { body: { name: name.trim(), scopes: chosen } });
    if (!made) return;
    setToken(made.token);
    setName("");
  };
  return (
    <DeskPart title={t("tokens")} isFirst>
      <p>{t("tokens-words", { address: description })}</p>
      <Field label={t("name")}>
        {(ids) => <input {...ids} value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />}
      </Field>
      <Choices
        label={t("may")}
        options={scopes}
        words={(scope) => t(`scope-${scope}`)}
        chosen={chosen}
        onChoose={setChosen}
      />
      <Button
        justifySelf="start"
        disabled={busy || name.trim() === "" || chosen.length === 0}
        onClick={() => void make()}
      >
        {t("make")}
      </Button>
      <Fault words={fault} />
      {token !== null && (
        <OnceBox>
          <p>{t("once")}</p>
          <strong>{token}</strong>
        </OnceBox>
      )}
      {programs.length === 0 && <p>{t("none")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {programs.map((program) => (
          <FeedRow
            key={program.id}
            name={program.name}
            about={t("program-line", {
              scopes: program.scopes.map((scope) => t(`scope-${scope}`)).join("; "),
              by: program.by,
              used: usedAt(program.usedAt),
            })}
          >
            <Button disabled={busy} onClick={() => void request(endProgram, { params: { id: program.id } })}>
              {t("end")}
            </Button>
          </FeedRow>
        ))}
      </chakra.ul>
    </DeskPart>
  );
}
