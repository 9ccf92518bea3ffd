"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { endInvitation } from "@/api/people";
import type { InvitationView, PersonView } from "@/api/schemas/people";
import type { FactorState } from "@/api/schemas/second-factor";
import { useRequest } from "../api/useRequest";
import { DeskPart } from "../desk/shared/DeskPart";
import { Rail } from "../desk/shared/Rail";
import { Fault } from "../desk/shared/Fault";
import { Allowed, useMay } from "../desk/shared/staff";
import { useStamp } from "../desk/lists/KeptList";
import styles from "../desk/shared/Desk.module.css";
import { InviteForm } from "./InviteForm";
import { OwnPassword } from "./OwnPassword";
import { SecondFactor } from "./SecondFactor";
import { WhoMayWhat } from "./WhoMayWhat";
import { PersonDialog } from "./PersonDialog";

interface Props {
  people: readonly PersonView[];
  /** those that are open; nobody but a manager is told of them */
  invitations: readonly InvitationView[];
  /** one's own second factor */
  factor: FactorState;
  timeZone: string;
}

/** Who works at the base and what as; a manager invites, changes and ends. */
export function PeoplePage({ people, invitations, factor, timeZone }: Props) {
  const t = useTranslations("people");
  const all = useTranslations();
  const mayKeep = useMay("keep-people");
  const [open, setOpen] = useState<string | null>(null);
  const chosen = people.find(({ id }) => id === open);
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0, 1fr) 380px" }} minHeight="100%">
      <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" minWidth="0">
        <Box>
          <h1>{t("title")}</h1>
          <p>{t("words")}</p>
        </Box>
        <PeopleTable people={people} mayKeep={mayKeep} timeZone={timeZone} onOpen={setOpen} />
        {invitations.length > 0 && <Invitations invitations={invitations} timeZone={timeZone} />}
        <WhoMayWhat />
        {chosen && <PersonDialog person={chosen} timeZone={timeZone} onClose={() => setOpen(null)} />}
      </chakra.main>
      <Rail gap="4">
        <DeskPart title={t("invite")} isFirst>
          <Allowed action="keep-people">
            <p>{t("invite-words")}</p>
            <InviteForm timeZone={timeZone} />
          </Allowed>
        </DeskPart>
        <DeskPart title={t("own")}>
          <p>{t("own-words")}</p>
          <OwnPassword />
        </DeskPart>
        <DeskPart title={all("second-factor.title")}>
          <SecondFactor state={factor} timeZone={timeZone} />
        </DeskPart>
      </Rail>
    </Box>
  );
}

function PeopleTable({
  people,
  mayKeep,
  timeZone,
  onOpen,
}: {
  people: readonly PersonView[];
  mayKeep: boolean;
  timeZone: string;
  onOpen: (id: string) => void;
}) {
  const t = useTranslations("people");
  const desk = useTranslations("desk");
  const all = useTranslations();
  const stamp = useStamp(timeZone);
  return (
    <Box overflowX="auto">
      <table className={styles.table} aria-label={t("title")}>
        <thead>
          <tr>
            {(["name", "email", "roles", "seen"] as const).map((column) => (
              <th key={column} scope="col">
                {t(column)}
              </th>
            ))}
            {mayKeep && <td />}
          </tr>
        </thead>
        <tbody>
          {people.map(({ id, name, email, roles, active, seenAt, hasFactor }) => (
            <tr key={id}>
              <th scope="row">{name}</th>
              <td>{email}</td>
              <td>
                {active ? roles.map((role) => desk(`role-${role}`)).join(", ") : t("gone")}
                {hasFactor && `, ${t("has-factor")}`}
              </td>
              <td>{seenAt ? stamp(seenAt) : t("never")}</td>
              {mayKeep && (
                <td>
                  <Button aria-label={t("change-of", { name })} onClick={() => onOpen(id)}>
                    {t("change")}
                  </Button>{" "}
                  <Link href={`/log?person=${id}`} aria-label={all("log.link-of", { name })}>
                    {all("log.link")}
                  </Link>
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}

/** Invitations that nobody has taken yet; each can be ended. */
function Invitations({ invitations, timeZone }: { invitations: readonly InvitationView[]; timeZone: string }) {
  const t = useTranslations("people");
  const stamp = useStamp(timeZone);
  const { request, fault, busy } = useRequest();
  return (
    <DeskPart title={t("open")}>
      <ul>
        {invitations.map(({ id, name, email, until, isReset }) => (
          <chakra.li key={id} display="flex" flexWrap="wrap" alignItems="center" gap="12px" listStyleType="none">
            <strong>{name}</strong>
            <span>{email}</span>
            {isReset && <span>{t("is-reset")}</span>}
            <span>{t("until", { until: stamp(until) })}</span>
            <Button
              aria-label={t("end-of", { name })}
              disabled={busy}
              onClick={() => void request(endInvitation, { params: { id } })}
            >
              {t("end")}
            </Button>
          </chakra.li>
        ))}
      </ul>
      <Fault words={fault} />
    </DeskPart>
  );
}
