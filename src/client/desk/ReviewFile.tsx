"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { FileChange } from "@/core/yacht/changes";
import type { CheckedFinding } from "@/core/yacht/checks";
import { changeWords } from "@/messages/change-words";
import { Field } from "@/ui/Field";
import { VerdictMark } from "@/ui/VerdictMark";
import { anything, ApiFault, ask, type Check } from "../api";

interface Review {
  /** the whole new file, where only a list was put in */
  document?: unknown;
  onRevision: number;
  findings: CheckedFinding[];
  changes: FileChange[];
}
const isReview: Check<Review> = (value): value is Review => Array.isArray((value as Review | null)?.findings) && Array.isArray((value as Review | null)?.changes);
const shownChanges = 60;
const mostBytes = 2_000_000;

/** Takes a yacht file, shows what the checks find and what would change, and publishes it with a reason. */
export function ReviewFile({ slug, mayPublish }: { slug: string; mayPublish: boolean }) {
  const t = useTranslations("publish");
  const all = useTranslations();
  const router = useRouter();
  const [document, setDocument] = useState<unknown>(null);
  const [review, setReview] = useState<Review | null>(null);
  const [accepts, setAccepts] = useState<Record<string, string>>({});
  const [why, setWhy] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const [said, setSaid] = useState("");
  const fail = (error: unknown) => setFault(error instanceof ApiFault ? error.message : all("desk.no-signal"));
  const take = async (file: File | undefined) => {
    setReview(null);
    setDocument(null);
    setFault(null);
    setSaid("");
    setAccepts({});
    if (!file) return;
    if (file.size > mostBytes) return setFault(t("too-large"));
    try {
      const isList = file.name.toLowerCase().endsWith(".csv");
      const answer = await ask(`/api/yachts/${slug}/${isList ? "inventory.csv" : "review"}`, isReview, { method: "POST", bytes: new Blob([file], { type: isList ? "text/csv" : "application/json" }) });
      setDocument(answer.document ?? (JSON.parse((await file.text()).replace(/^\uFEFF/, "")) as unknown));
      setReview(answer);
    } catch (error) {
      fail(error);
    }
  };
  const publish = async () => {
    if (!review) return;
    setFault(null);
    try {
      await ask(`/api/yachts/${slug}/publish`, anything, { method: "POST", body: { document, onRevision: review.onRevision, why, accepts } });
      setReview(null);
      setWhy("");
      setSaid(t("done", { revision: review.onRevision + 1 }));
      router.refresh();
    } catch (error) {
      fail(error);
    }
  };
  const errors = review?.findings.filter((finding) => finding.level === "error") ?? [];
  const warnings = review?.findings.filter((finding) => finding.level === "warning") ?? [];
  return (
    <Box display="grid" gap="3">
      <Field label={t("choose")} hint={t("choose-words")} error={fault}>
        {(ids) => <input {...ids} type="file" accept="application/json,.json,text/csv,.csv" onChange={(event) => void take(event.target.files?.[0])} />}
      </Field>
      <p role="status">{said}</p>
      {review && (
        <Box display="grid" gap="3" as="section" aria-label={t("review")}>
          {errors.length > 0 && (
            <>
              <h3>{t("errors", { errors: errors.length })}</h3>
              <ul>
                {errors.map((finding) => (
                  <li key={`${finding.check} ${finding.path} ${finding.message}`}>
                    <VerdictMark verdict="stop" /> {finding.message} <chakra.code>{finding.path}</chakra.code>
                  </li>
                ))}
              </ul>
            </>
          )}
          {warnings.map((finding) => (
            <Field key={`${finding.check} ${finding.path}`} label={finding.message} hint={t("accept-words", { path: finding.path })}>
              {(ids) => <input {...ids} maxLength={500} value={accepts[finding.path] ?? ""} onChange={(event) => setAccepts({ ...accepts, [finding.path]: event.target.value })} />}
            </Field>
          ))}
          <h3>{t("changes", { changes: review.changes.length })}</h3>
          <ul>
            {review.changes.slice(0, shownChanges).map((change) => (
              <li key={change.path}>{changeWords(all, change)}</li>
            ))}
          </ul>
          {review.changes.length > shownChanges && <p>{t("more", { more: review.changes.length - shownChanges })}</p>}
          {errors.length === 0 && review.changes.length > 0 && mayPublish && (
            <>
              <Field label={t("why")}>{(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}</Field>
              <Button variant="solid" onClick={() => void publish()} justifySelf="start">
                {t("publish", { revision: review.onRevision + 1 })}
              </Button>
            </>
          )}
          {!mayPublish && <p>{t("not-yours")}</p>}
        </Box>
      )}
    </Box>
  );
}
