"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { endAccess } from "@/api/stays";
import type { AccessBrief } from "@/api/schemas/desk";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";
import { useMay } from "./shared/staff";

/** Who has a way into this charter: devices that record, boat books that are open. Each can be ended, asked twice. */
export function AccessPart({
  charterId,
  access,
  at,
}: {
  charterId: string;
  access: readonly AccessBrief[];
  at: (instant: string) => string;
}) {
  const t = useTranslations("access");
  const mayEnd = useMay("make-book-link");
  const [sure, setSure] = useState<string | null>(null);
  const { request, fault, busy } = useRequest();
  const end = async ({ kind, id }: AccessBrief) => {
    if (sure !== id) return setSure(id);
    setSure(null);
    await request(endAccess, { params: { id: charterId }, body: { kind, id } });
  };
  if (access.length === 0) return <p>{t("none")}</p>;
  return (
    <>
      <Fault words={fault} />
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {access.map((each) => (
          <Box as="li" key={each.id} display="flex" flexWrap="wrap" gap="3" alignItems="center">
            <span>
              {each.kind === "book"
                ? t("book", { since: at(each.since) })
                : t(`device-${each.side}`, {
                    name: each.name ?? "",
                    handover: t(`handover-${each.handover ?? "check-in"}`),
                    since: at(each.since),
                  })}
            </span>
            {mayEnd && (
              <Button size="sm" disabled={busy} onClick={() => void end(each)}>
                {t(sure === each.id ? "sure" : "end")}
              </Button>
            )}
          </Box>
        ))}
      </chakra.ul>
    </>
  );
}
