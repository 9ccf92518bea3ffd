"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { DraftScreen } from "@/formats/draft";
import { changeWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { VerdictMark } from "@/ui/VerdictMark";
import { Fault } from "../desk/Fault";
import { useAsk } from "../desk/useAsk";
import { ReachedSisters } from "./ReachedSisters";

const shownChanges = 80;

/** What publishing the draft would do: what the checks find, and every change in words. */
export function PublishPart({ screen, mayPublish, page }: { screen: DraftScreen; mayPublish: boolean; page: string }) {
  const { of, slug, revision } = screen.file;
  const t = useTranslations("publish");
  const all = useTranslations();
  const router = useRouter();
  const { send, fault, busy } = useAsk();
  const [why, setWhy] = useState("");
  const [accepts, setAccepts] = useState<Record<string, string>>({});
  const errors = screen.findings.filter((finding) => finding.level === "error");
  const warnings = screen.findings.filter((finding) => finding.level === "warning");
  const [throwing, setThrowing] = useState(false);
  const throwAway = async () => {
    if (await send(`/api/drafts/${of}/${slug}`, undefined, "DELETE")) router.push(page);
  };
  const publish = async () => {
    if (await send(`/api/drafts/${of}/${slug}/publish`, { why, accepts })) router.push(page);
  };
  return (
    <>
      {errors.length > 0 && <h2>{t("errors", { errors: errors.length })}</h2>}
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {errors.map((finding) => (
          <li key={`${finding.path} ${finding.message}`}>
            <VerdictMark verdict="stop" /> {finding.message} <code>{finding.path}</code>
          </li>
        ))}
      </chakra.ul>
      {warnings.map((finding) => (
        <Field
          key={`${finding.check} ${finding.path}`}
          label={finding.message}
          hint={t("accept-words", { path: finding.path })}
        >
          {(ids) => (
            <input
              {...ids}
              maxLength={500}
              value={accepts[finding.path] ?? ""}
              onChange={(event) => setAccepts({ ...accepts, [finding.path]: event.target.value })}
            />
          )}
        </Field>
      ))}
      <h2>{t("changes", { changes: screen.changes.length })}</h2>
      <ul>
        {screen.changes.slice(0, shownChanges).map((change) => (
          <li key={change.path}>{changeWords(all, change)}</li>
        ))}
      </ul>
      {screen.changes.length > shownChanges && <p>{t("more", { more: screen.changes.length - shownChanges })}</p>}
      {of === "classes" && <ReachedSisters slug={slug} screen={screen} />}
      {mayPublish && errors.length === 0 && screen.number > 0 && (
        <>
          <Field label={t("why")}>
            {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
          </Field>
          <Button variant="solid" justifySelf="start" disabled={busy} onClick={() => void publish()}>
            {t("publish", { revision: revision + 1 })}
          </Button>
        </>
      )}
      {mayPublish && screen.number > 0 && revision > 0 && (
        <Box
          display="flex"
          flexWrap="wrap"
          gap="3"
          alignItems="center"
          borderTopWidth="1px"
          borderTopStyle="solid"
          borderColor="line"
          paddingTop="3"
        >
          {throwing ? (
            <>
              <span>{all("editor.throw-words", { edits: screen.number })}</span>
              <Button disabled={busy} onClick={() => void throwAway()}>
                {all("editor.throw-yes")}
              </Button>
              <Button onClick={() => setThrowing(false)}>{all("common.back")}</Button>
            </>
          ) : (
            <Button onClick={() => setThrowing(true)}>{all("editor.throw")}</Button>
          )}
        </Box>
      )}
      {!mayPublish && <p>{t("not-yours")}</p>}
      <Fault words={fault} />
    </>
  );
}
