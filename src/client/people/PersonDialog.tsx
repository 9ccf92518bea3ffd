"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { changePerson, makeResetLink } from "@/api/people";
import { endFactor } from "@/api/second-factor";
import type { OnceLink, PersonView } from "@/api/schemas/people";
import { Dialog } from "@/ui/kit/Dialog";
import { useRequest } from "../api/useRequest";
import { Fault } from "../desk/shared/Fault";
import { Devices } from "./Devices";
import { OnceShown } from "./OnceShown";
import { RoleChoice } from "./RoleChoice";

/** Somebody of the base: other roles, a new password, or the account taken away or given back. */
export function PersonDialog({
  person,
  timeZone,
  onClose,
}: {
  person: PersonView;
  timeZone: string;
  onClose: () => void;
}) {
  const t = useTranslations("people");
  const all = useTranslations();
  const { request, fault, setFault, busy } = useRequest();
  const [roles, setRoles] = useState(person.roles);
  const [link, setLink] = useState<OnceLink | null>(null);
  const change = async (active: boolean) => {
    if (roles.length === 0) return setFault(t("role-missing"));
    if (await request(changePerson, { params: { id: person.id }, body: { roles, active } })) onClose();
  };
  const reset = async () => setLink(await request(makeResetLink, { params: { id: person.id } }));
  const endTheirFactor = async () => {
    if (await request(endFactor, { params: { id: person.id } })) onClose();
  };
  return (
    <Dialog title={person.name} closeWord={all("common.back")} onClose={onClose} atSide>
      <Box display="grid" gap="4" justifyItems="start">
        <p>{person.email}</p>
        {person.active ? (
          <>
            <RoleChoice chosen={roles} onChange={setRoles} />
            <Button variant="solid" disabled={busy} onClick={() => void change(true)}>
              {t("keep")}
            </Button>
            <Button disabled={busy} onClick={() => void reset()}>
              {t("reset")}
            </Button>
            {link && <OnceShown link={link} timeZone={timeZone} />}
            <Devices person={person.id} timeZone={timeZone} />
            {person.hasFactor && (
              <>
                <p>{t("factor-words")}</p>
                <Button disabled={busy} onClick={() => void endTheirFactor()}>
                  {t("factor-end")}
                </Button>
              </>
            )}
            <p>{t("take-account-words", { name: person.name })}</p>
            <Button disabled={busy} onClick={() => void change(false)}>
              {t("take-account")}
            </Button>
          </>
        ) : (
          <Button disabled={busy} onClick={() => void change(true)}>
            {t("give-account")}
          </Button>
        )}
        <Fault words={fault} />
      </Box>
    </Dialog>
  );
}
