"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { OnceLink } from "@/api/schemas/people";
import { useStamp } from "../desk/lists/KeptList";
import { OnceBox } from "../desk/shared/OnceBox";

/** A link that is shown once, to be copied and sent. */
export function OnceShown({ link, timeZone }: { link: OnceLink; timeZone: string }) {
  const t = useTranslations("people");
  const stamp = useStamp(timeZone);
  const [isCopied, setCopied] = useState(false);
  const address = `${location.origin}${link.path}`;
  return (
    <OnceBox>
      <p>{t("link-once", { until: stamp(link.until) })}</p>
      <a href={link.path}>{address}</a>
      <Button onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}>
        {t(isCopied ? "copied" : "copy")}
      </Button>
    </OnceBox>
  );
}
