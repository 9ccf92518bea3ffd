"use client";
import { Box, Button } from "@chakra-ui/react";
import type { AnyEndpoint } from "@/api/endpoint";
import type { Asked } from "../../api/call";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";

/** Takes one thing off a list of the base, by keeping the list without it. */
export function TakeOff<E extends AnyEndpoint>({
  endpoint,
  ask,
  label,
  about,
  onTaken,
}: {
  endpoint: E;
  ask: Asked<E>;
  label: string;
  /** what it does not change */
  about?: string;
  onTaken: () => void;
}) {
  const { request, fault, busy } = useRequest();
  const take = async () => {
    if (await request(endpoint, ask)) onTaken();
  };
  return (
    <Box display="grid" gap="1" marginTop="5" justifyItems="start">
      {about && <p>{about}</p>}
      <Button disabled={busy} onClick={() => void take()}>
        {label}
      </Button>
      <Fault words={fault} />
    </Box>
  );
}
