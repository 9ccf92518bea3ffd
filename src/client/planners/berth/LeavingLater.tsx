"use client";
import { useTranslations } from "next-intl";
import { lazy, Suspense, useState } from "react";
import type { LeavingBerth } from "@/api/schemas/leaving";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { useMinute } from "../frame/of-boat";

const Planner = lazy(() => import("./BerthPlanner").then(({ BerthPlanner }) => ({ default: BerthPlanner })));

interface Props {
  /** of which charter, so that what is typed stays with it */
  stay: string;
  file: YachtFile;
  leaving: LeavingBerth;
}

/** Leaving the berth, opened by a tap and fetched then: for who briefs, on the sheet before and at the end of the walk. */
export function LeavingLater({ stay, file, leaving }: Props) {
  const t = useTranslations("book");
  const [isOpen, setOpen] = useState(false);
  const now = useMinute();
  if (!isOpen) return <Button onClick={() => setOpen(true)}>{t("leave")}</Button>;
  return (
    <Suspense fallback={null}>
      <Planner of={{ stay, file, ...leaving, now }} onBack={() => setOpen(false)} back={t("leave-close")} />
    </Suspense>
  );
}
