"use client";
import { useQuery } from "@tanstack/react-query";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useDeferredValue, useMemo, useState } from "react";
import { findAnywhere } from "@/api/base";
import { Combobox } from "@/ui/kit/Combobox";
import { Dialog } from "@/ui/kit/Dialog";
import { call } from "../api/call";

/** Goes to a yacht, charter, person, piece of work or place by some letters of its name. Arrows choose, Enter goes. */
export function GoTo({ onClose }: { onClose: () => void }) {
  const t = useTranslations("go-to");
  const all = useTranslations("desk");
  const router = useRouter();
  const [typed, setTyped] = useState("");
  const find = useDeferredValue(typed.trim());
  const { data, isError } = useQuery({
    queryKey: ["go-to", find],
    queryFn: ({ signal }) => call(findAnywhere, { query: { find }, signal }),
    enabled: find !== "",
    placeholderData: (before) => before,
  });
  const found = useMemo(
    () =>
      (find === "" ? [] : (data?.found ?? [])).map(({ kind, title, detail, href }, index) => ({
        value: `${index} ${href}`,
        title,
        detail: `${t(`kind-${kind}`)} · ${detail}`,
        href,
      })),
    [find, data, t],
  );
  return (
    <Dialog title={t("title")} closeWord={all("close")} onClose={onClose}>
      <Combobox
        label={t("find")}
        hint={t("hint")}
        found={found}
        none={isError ? all("no-signal") : find !== "" && data && found.length === 0 ? t("none") : ""}
        onType={setTyped}
        onChoose={(value) => {
          const chosen = found.find((each) => each.value === value);
          if (!chosen) return;
          onClose();
          router.push(chosen.href);
        }}
      />
    </Dialog>
  );
}
