"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { eraseGuest, saveHeld } from "@/api/private";
import { Dialog } from "@/ui/kit/Dialog";
import { href } from "../../api/call";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Allowed } from "../shared/staff";

interface Guest {
  id: string;
  name: string;
}

/** What is held of the guests of a charter: as a file for them, and gone at their wish. */
export function GuestPart({ guests }: { guests: readonly Guest[] }) {
  const t = useTranslations("private");
  const [erasing, setErasing] = useState<Guest | null>(null);
  return (
    <Allowed action="erase-private" quiet>
      <details>
        <summary>{t("part")}</summary>
        {guests.map((guest) => (
          <Box key={guest.id} display="flex" flexWrap="wrap" gap="2" marginTop="2">
            <Button asChild>
              <a href={href(saveHeld, { params: { id: guest.id } })} download>
                {t("held", { name: guest.name })}
              </a>
            </Button>
            <Button onClick={() => setErasing(guest)}>{t("erase", { name: guest.name })}</Button>
          </Box>
        ))}
      </details>
      {erasing && <EraseDialog guest={erasing} onClose={() => setErasing(null)} />}
    </Allowed>
  );
}

function EraseDialog({ guest, onClose }: { guest: Guest; onClose: () => void }) {
  const t = useTranslations("private");
  const common = useTranslations("common");
  const form = useDeskForm(eraseGuest, {
    fields: { why: { label: t("erase-why") } },
    ask: ({ why }) => ({ params: { id: guest.id }, body: { why: why.trim() } }),
    onTaken: onClose,
  });
  return (
    <Dialog title={t("erase-title", { name: guest.name })} closeWord={common("back")} onClose={onClose}>
      <p>{t("erase-words")}</p>
      <FormFrame form={form} action={t("erase-do")} disabled={form.typed.why.trim() === ""}>
        <FormInput form={form} name="why" maxLength={500} />
      </FormFrame>
    </Dialog>
  );
}
