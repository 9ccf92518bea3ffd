"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { keepKeeping } from "@/api/private";
import { keptDays, keptKinds, type Keeping, type KeptKind } from "@/core/private/keeping";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { useStamp } from "../lists/KeptList";
import styles from "../shared/Desk.module.css";
import { useMay } from "../shared/staff";

interface Erased {
  id: number;
  at: string;
  what: KeptKind;
  pieces: number;
  by: string | null;
  why: string;
}

interface Props {
  keeping: Keeping;
  number: number;
  last: { by: string; at: string } | null;
  erased: readonly Erased[];
  isDemo: boolean;
  timeZone: string;
}

/** For how long the base keeps what is private, why so long, and what was erased of late. */
export function KeepingTab({ keeping, number, last, erased, isDemo, timeZone }: Props) {
  const t = useTranslations("private");
  const stamp = useStamp(timeZone);
  const mayKeep = useMay("erase-private");
  const form = useDeskForm(keepKeeping, {
    fields: Object.fromEntries(
      keptKinds.map((kind) => [kind, { label: t(`kind-${kind}`), typed: String(keeping[kind]) }]),
    ) as Record<KeptKind, { label: string; typed: string }>,
    says: (typed) =>
      Object.fromEntries(
        keptKinds.map((kind) => [kind, /^\d{1,5}$/.test(typed[kind].trim()) ? null : t("number-missing")]),
      ),
    ask: (typed) => ({
      body: {
        onNumber: number,
        keeping: Object.fromEntries(keptKinds.map((kind) => [kind, Number(typed[kind])])) as Keeping,
      },
    }),
  });
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", xl: "1.4fr 1fr" }} gap="5" alignItems="start">
      <Box as="section" display="grid" gap="3" aria-label={t("part")}>
        <h2>{t("part")}</h2>
        <p>{t("about")}</p>
        {isDemo && <p>{t("demo")}</p>}
        <FormFrame form={form} action={t("keep")} disabled={!mayKeep}>
          {keptKinds.map((kind) => (
            <FormInput
              key={kind}
              form={form}
              name={kind}
              hint={`${t(`why-${kind}`)}. ${t("between", { least: keptDays[kind].least, most: keptDays[kind].most })}`}
              inputMode="numeric"
              maxLength={5}
              disabled={!mayKeep}
            />
          ))}
        </FormFrame>
        {!mayKeep && <p>{t("not-yours")}</p>}
        {last && <p>{t("last", { by: last.by, at: stamp(last.at) })}</p>}
      </Box>
      <Box as="section" display="grid" gap="3" aria-label={t("erased")}>
        <h2>{t("erased")}</h2>
        {erased.length === 0 ? (
          <p>{t("erased-none")}</p>
        ) : (
          <table className={styles.table} aria-label={t("erased")}>
            <thead>
              <tr>
                {(["when", "what", "pieces", "why"] as const).map((column) => (
                  <th key={column} scope="col">
                    {t(`erased-${column}`)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {erased.map(({ id, at, what, pieces, by, why }) => (
                <tr key={id}>
                  <td>{stamp(at)}</td>
                  <td>{t(`kind-${what}`)}</td>
                  <td>{pieces}</td>
                  <td>{by === null ? t("erased-time") : t("erased-asked", { by, why })}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Box>
    </Box>
  );
}
