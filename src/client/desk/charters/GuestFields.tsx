"use client";
import { useQuery } from "@tanstack/react-query";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { findGuests } from "@/api/charters";
import type { Guest } from "@/api/schemas/charters";
import { call } from "../../api/call";
import { FormInput } from "../../forms/FormField";
import type { DeskForm } from "../../forms/useDeskForm";
import type { AgreedField, Who } from "./agreed-fields";

const fewestLetters = 2;

/** Name and contacts of a guest; who is known to the base is found while one types. */
export function GuestFields({
  form,
  who,
  known,
  onKnown,
}: {
  form: DeskForm<AgreedField>;
  who: Who;
  known: Guest | null;
  onKnown: (guest: Guest | null) => void;
}) {
  const t = useTranslations("charters");
  const name = form.typed[who];
  const isChosen = known !== null && known.name === name.trim();
  const { data } = useQuery({
    queryKey: ["guests", name.trim().toLowerCase()],
    queryFn: () => call(findGuests, { query: { find: name.trim() } }),
    enabled: !isChosen && name.trim().length >= fewestLetters,
    retry: false,
  });
  const found = isChosen || name.trim().length < fewestLetters ? [] : (data?.guests ?? []);
  const take = (guest: Guest) => {
    onKnown(guest);
    form.set(who, guest.name);
    form.set(`${who}Email`, guest.email);
    form.set(`${who}Phone`, guest.phone);
  };
  return (
    <Box display="grid" gap="2">
      <FormInput form={form} name={who} maxLength={80} />
      {found.length > 0 && (
        <chakra.ul listStyleType="none" display="flex" flexWrap="wrap" gap="2" aria-label={t("known")}>
          {found.map((guest) => (
            <li key={guest.id}>
              <Button type="button" size="sm" onClick={() => take(guest)}>
                {t("known-one", {
                  name: guest.name,
                  detail: t("known-detail", { email: guest.email || "none", last: guest.last ?? "none" }),
                })}
              </Button>
            </li>
          ))}
        </chakra.ul>
      )}
      {isChosen && <p>{t("chosen", { last: known.last ?? "–" })}</p>}
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="3">
        <FormInput form={form} name={`${who}Email`} inputMode="email" maxLength={200} />
        <FormInput form={form} name={`${who}Phone`} inputMode="tel" maxLength={40} />
      </Box>
    </Box>
  );
}
