"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useTranslations } from "next-intl";
import { endDevice, readDevices } from "@/api/people";
import { call } from "../api/call";
import { useRequest } from "../api/useRequest";
import { useStamp } from "../desk/lists/KeptList";
import { Fault } from "../desk/shared/Fault";
import { browserOf } from "../log/device-words";

/** The browsers on which somebody is signed in; each can be ended. */
export function Devices({ person, timeZone }: { person: string; timeZone: string }) {
  const t = useTranslations("people");
  const all = useTranslations("log");
  const stamp = useStamp(timeZone);
  const { request, fault, busy } = useRequest();
  const { data, error, refetch } = useQuery({
    queryKey: ["devices", person],
    queryFn: () => call(readDevices, { params: { id: person } }),
  });
  const end = async (session: string) => {
    await request(endDevice, { params: { id: person, session } });
    await refetch();
  };
  return (
    <Box as="section" aria-label={t("devices")} display="grid" gap="2" aria-busy={data === undefined}>
      <h2>{t("devices")}</h2>
      {data?.devices.length === 0 && <p>{t("devices-none")}</p>}
      <chakra.ul listStyleType="none" display="grid" gap="2">
        {data?.devices.map(({ id, device, since }) => {
          const browser = device === null ? null : browserOf(device);
          const name = browser ? all("device", browser) : t("device-unknown");
          return (
            <chakra.li key={id} display="flex" flexWrap="wrap" alignItems="center" gap="3">
              <span>
                <strong>{name}</strong>, {t("device-since", { since: stamp(since) })}
              </span>
              <Button disabled={busy} aria-label={t("device-end-of", { name })} onClick={() => void end(id)}>
                {t("device-end")}
              </Button>
            </chakra.li>
          );
        })}
      </chakra.ul>
      <Fault words={fault ?? error?.message ?? null} />
    </Box>
  );
}
