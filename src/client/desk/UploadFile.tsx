"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { takeClassChange, uploadFile, uploadInventory } from "@/api/drafts";
import type { FileName } from "@/api/schemas/draft";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";

const mostBytes = 2_000_000;

interface Props extends FileName {
  mayEdit: boolean;
  /** a change of her class has left something for this yacht */
  hasClassDraft?: boolean;
}

/** Puts a whole file or inventory list into the draft, or what a class has left for a yacht; what it changes is then looked at in the editor. */
export function UploadFile({ of, slug, mayEdit, hasClassDraft = false }: Props) {
  const t = useTranslations("publish");
  const router = useRouter();
  const { request, fault, setFault, busy } = useRequest();
  const [said, setSaid] = useState("");
  const params = { of, slug };
  const look = (taken: { changed: number } | null) => {
    if (!taken) return;
    if (taken.changed === 0) return setSaid(t("same"));
    router.push(`${of === "classes" ? `/fleet/class/${slug}` : `/fleet/${slug}`}/edit?view=publish`);
  };
  const take = async (file: File | undefined) => {
    setSaid("");
    if (!file) return;
    if (file.size > mostBytes) return setFault(t("too-large"));
    look(
      file.name.toLowerCase().endsWith(".csv")
        ? await request(uploadInventory, { params, body: new Blob([file], { type: "text/csv" }) })
        : await request(uploadFile, { params, body: new Blob([file], { type: "application/json" }) }),
    );
  };
  if (!mayEdit) return <p>{t("not-yours")}</p>;
  return (
    <Box display="grid" gap="3">
      {hasClassDraft && (
        <Button
          justifySelf="start"
          disabled={busy}
          onClick={async () => look(await request(takeClassChange, { params }))}
        >
          {t("take-class-change")}
        </Button>
      )}
      <Field label={t("choose")} hint={t(of === "yachts" ? "choose-words" : "choose-words-class")}>
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept={of === "yachts" ? "application/json,.json,text/csv,.csv" : "application/json,.json"}
            onChange={(event) => void take(event.target.files?.[0])}
          />
        )}
      </Field>
      <Fault words={fault} />
      <p role="status">{said}</p>
    </Box>
  );
}
