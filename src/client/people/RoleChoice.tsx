"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { roles, type Role } from "@/api/permissions";
import { CheckRow } from "../desk/shared/CheckRow";

/** What somebody is: one role or more, always in the same order. */
export function RoleChoice({ chosen, onChange }: { chosen: readonly Role[]; onChange: (roles: Role[]) => void }) {
  const t = useTranslations("people");
  const desk = useTranslations("desk");
  return (
    <fieldset>
      <chakra.legend fontWeight="600">{t("roles")}</chakra.legend>
      <Box display="flex" flexWrap="wrap" gap="0 20px">
        {roles.map((role) => (
          <CheckRow
            key={role}
            checked={chosen.includes(role)}
            onChange={(isOn) => onChange(roles.filter((each) => (each === role ? isOn : chosen.includes(each))))}
          >
            {desk(`role-${role}`)}
          </CheckRow>
        ))}
      </Box>
    </fieldset>
  );
}
