"use client";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import type { DraftScreen } from "@/formats/draft";
import { ApiFault, ask, type Check } from "../api";
import { Fault } from "../desk/Fault";
import { ReviewedSisters, type ReviewedSister } from "../desk/ReviewedSisters";

const isReview: Check<{ sisters: ReviewedSister[] }> = (value): value is { sisters: ReviewedSister[] } =>
  Array.isArray((value as { sisters?: unknown } | null)?.sisters);

/** What publishing the draft of a class would change on each of its yachts; looked at again whenever the draft changes. */
export function ReachedSisters({ slug, screen }: { slug: string; screen: DraftScreen }) {
  const t = useTranslations();
  const [sisters, setSisters] = useState<ReviewedSister[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const { document, number } = screen;
  useEffect(() => {
    let isOver = false;
    ask(`/api/classes/${slug}/review`, isReview, { method: "POST", body: document }).then(
      (review) => !isOver && (setSisters(review.sisters), setFault(null)),
      (error: unknown) => !isOver && setFault(error instanceof ApiFault ? error.message : t("desk.no-signal")),
    );
    return () => {
      isOver = true;
    };
    // the document is a new object at every look; the number says whether it has changed
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [slug, number]);
  return (
    <>
      {sisters ? <ReviewedSisters sisters={sisters} /> : <p role="status">{t("editor.looking")}</p>}
      <Fault words={fault} />
    </>
  );
}
