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
import styles from "./Desk.module.css";
import { ReviewedSisters, type ReviewedSister } from "./ReviewedSisters";

interface Review {
  /** the whole new file, where only a list was put in */
  document?: unknown;
  onRevision: number;
  findings: CheckedFinding[];
  changes: FileChange[];
  /** for a class: its yachts */
  sisters?: ReviewedSister[];
}
const isReview: Check<Review> = (value): value is Review =>
  Array.isArray((value as Review | null)?.findings) && Array.isArray((value as Review | null)?.changes);
const shownChanges = 60;
const mostBytes = 2_000_000;

interface Props {
  of: "yachts" | "classes";
  slug: string;
  mayPublish: boolean;
  /** the revision of her class that has left a draft for this yacht */
  draftOnClass?: number;
}

/** Takes the file of a yacht or of a class, shows what the checks find and what would change, and publishes it with a reason. */
export function ReviewFile({ of, slug, mayPublish, draftOnClass }: Props) {
  const t = useTranslations("publish");
  const all = useTranslations();
  const router = useRouter();
  const [document, setDocument] = useState<unknown>(null);
  const [review, setReview] = useState<Review | null>(null);
  const [accepts, setAccepts] = useState<Record<string, string>>({});
  const [why, setWhy] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const [said, setSaid] = useState("");
  const [fromDraft, setFromDraft] = useState(false);
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
      const answer = await ask(`/api/${of}/${slug}/${isList ? "inventory.csv" : "review"}`, isReview, {
        method: "POST",
        bytes: new Blob([file], { type: isList ? "text/csv" : "application/json" }),
      });
      setDocument(answer.document ?? (JSON.parse((await file.text()).replace(/^\uFEFF/, "")) as unknown));
      setReview(answer);
    } catch (error) {
      fail(error);
    }
  };
  const takeDraft = async () => {
    const answer = await fetch(`/api/yachts/${slug}/draft.json`).catch(() => null);
    if (!answer?.ok) return setFault(all("desk.no-signal"));
    setFromDraft(true);
    await take(new File([await answer.blob()], "draft.json", { type: "application/json" }));
  };
  const publish = async () => {
    if (!review) return;
    setFault(null);
    try {
      const onClass = fromDraft ? { onClass: draftOnClass } : {};
      await ask(`/api/${of}/${slug}/publish`, anything, {
        method: "POST",
        body: { document, onRevision: review.onRevision, why, accepts, ...onClass },
      });
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
      {draftOnClass !== undefined && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <Button onClick={() => void takeDraft()}>{t("look-at-draft")}</Button>
          <a href={`/api/yachts/${slug}/draft.json`}>{t("take-out-draft")}</a>
          <chakra.label display="inline-flex" gap="2" alignItems="center" minHeight="48px">
            <input type="checkbox" checked={fromDraft} onChange={(event) => setFromDraft(event.target.checked)} />{" "}
            {t("from-draft")}
          </chakra.label>
        </Box>
      )}
      <Field label={t("choose")} hint={t(of === "yachts" ? "choose-words" : "choose-words-class")} error={fault}>
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept={of === "yachts" ? "application/json,.json,text/csv,.csv" : "application/json,.json"}
            onChange={(event) => void take(event.target.files?.[0])}
          />
        )}
      </Field>
      <p role="status">{said}</p>
      {review && (
        <Box display="grid" gap="3" as="section" aria-label={t("review")}>
          {errors.length > 0 && (
            <>
              <h3>{t("errors", { errors: errors.length })}</h3>
              <ul className={styles.points}>
                {errors.map((finding) => (
                  <li key={`${finding.check} ${finding.path} ${finding.message}`}>
                    <VerdictMark verdict="stop" /> {finding.message} <chakra.code>{finding.path}</chakra.code>
                  </li>
                ))}
              </ul>
            </>
          )}
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
          <h3>{t("changes", { changes: review.changes.length })}</h3>
          <ul className={styles.points}>
            {review.changes.slice(0, shownChanges).map((change) => (
              <li key={change.path}>{changeWords(all, change)}</li>
            ))}
          </ul>
          {review.changes.length > shownChanges && <p>{t("more", { more: review.changes.length - shownChanges })}</p>}
          {review.sisters && <ReviewedSisters sisters={review.sisters} />}
          {errors.length === 0 && (review.changes.length > 0 || fromDraft) && mayPublish && (
            <>
              <Field label={t("why")}>
                {(ids) => (
                  <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />
                )}
              </Field>
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
