"use client";
import { makeBookLink } from "@/api/stays";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { OnceBox } from "./shared/OnceBox";

interface Link {
  path: string;
  pin: string;
}

/** Makes the charter's private link. It is shown once; an earlier one stops working. */
export function BookLink({ charterId }: { charterId: string }) {
  const t = useTranslations("charter");
  const [link, setLink] = useState<Link | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const make = async () => {
    try {
      setLink(await call(makeBookLink, { params: { id: charterId } }));
      setFault(null);
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("no-signal"));
    }
  };
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <Button onClick={make}>{t("make-link")}</Button>
      {link ? (
        <OnceBox>
          <p>{t("link-once")}</p>
          <p>
            <a href={link.path}>
              {location.origin}
              {link.path}
            </a>
          </p>
          <p>
            {t("pin")}: <strong>{link.pin}</strong>
          </p>
        </OnceBox>
      ) : (
        <p>{t("link-words")}</p>
      )}
      {fault && <p role="alert">{fault}</p>}
    </Box>
  );
}
