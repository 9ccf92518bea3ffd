"use client";
import { useQuery } from "@tanstack/react-query";
import { publishDraft, reviewDraft, saveDraft, throwAwayDraft } from "@/api/drafts";
import { call, href } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { DraftScreen } from "@/api/schemas/draft";
import { ofTheClass } from "@/core/checks/untold";
import { changeWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { Fault } from "../desk/shared/Fault";
import { useRequest } from "../api/useRequest";
import { DraftFindings } from "./DraftFindings";
import { ReachedSisters } from "./ReachedSisters";

const shownChanges = 80;

/** What publishing the draft would do: what the checks find, and every change in words. */
export function PublishPart({
  screen,
  mayEdit,
  mayPublish,
  page,
  onOpen,
  onTell,
  onRight,
}: {
  screen: DraftScreen;
  mayEdit: boolean;
  mayPublish: boolean;
  page: string;
  /** shows the part that a JSON pointer leads into */
  onOpen: (path: string) => void;
  onTell: () => void;
  /** keeps that a text in question was read and is right */
  onRight: (path: string, basis: string) => Promise<boolean>;
}) {
  const { of, slug, revision } = screen.file;
  const t = useTranslations("publish");
  const all = useTranslations();
  const router = useRouter();
  const { request, fault, faultAt, busy } = useRequest(["why"]);
  const [why, setWhy] = useState("");
  const [accepts, setAccepts] = useState<Record<string, string>>({});
  const { data: review, error: unread } = useQuery({
    queryKey: ["draft-review", of, slug, screen.draft, screen.number],
    queryFn: () => call(reviewDraft, { params: { of, slug } }),
  });
  const changes = review?.changes ?? [];
  const findings = of === "classes" ? ofTheClass(screen.findings) : screen.findings;
  const isSound = findings.every((finding) => finding.level !== "error");
  const throwAway = async () => {
    if (await request(throwAwayDraft, { params: { of, slug } })) router.push(page);
  };
  const publish = async () => {
    if (await request(publishDraft, { params: { of, slug }, body: { why, accepts } })) router.push(page);
  };
  return (
    <>
      <DraftFindings
        screen={screen}
        accepts={accepts}
        onAccept={setAccepts}
        onOpen={onOpen}
        onTell={onTell}
        onRight={mayEdit ? onRight : null}
      />
      <h2 aria-busy={review === undefined}>
        {review ? t("changes", { changes: changes.length }) : all("editor.looking")}
      </h2>
      <ul>
        {changes.slice(0, shownChanges).map((change) => (
          <li key={change.path}>{changeWords(all, change)}</li>
        ))}
      </ul>
      {changes.length > shownChanges && <p>{t("more", { more: changes.length - shownChanges })}</p>}
      {of === "classes" && review && <ReachedSisters sisters={review.sisters} />}
      {mayPublish && isSound && screen.number > 0 && (
        <>
          <Field label={t("why")} error={faultAt("why")}>
            {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
          </Field>
          <Button variant="solid" justifySelf="start" disabled={busy} onClick={() => void publish()}>
            {t("publish", { revision: revision + 1 })}
          </Button>
        </>
      )}
      {screen.number > 0 && <a href={href(saveDraft, { params: { of, slug } })}>{t("take-out-draft")}</a>}
      {mayEdit && screen.number > 0 && revision > 0 && (
        <ThrowAway edits={screen.number} busy={busy} onThrow={() => void throwAway()} />
      )}
      {!mayPublish && <p>{t("not-yours")}</p>}
      <Fault words={fault ?? unread?.message ?? null} />
    </>
  );
}

/** Throwing the draft away, asked twice. */
function ThrowAway({ edits, busy, onThrow }: { edits: number; busy: boolean; onThrow: () => void }) {
  const t = useTranslations();
  const [throwing, setThrowing] = useState(false);
  return (
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
          <span>{t("editor.throw-words", { edits })}</span>
          <Button disabled={busy} onClick={onThrow}>
            {t("editor.throw-yes")}
          </Button>
          <Button onClick={() => setThrowing(false)}>{t("common.back")}</Button>
        </>
      ) : (
        <Button onClick={() => setThrowing(true)}>{t("editor.throw")}</Button>
      )}
    </Box>
  );
}
