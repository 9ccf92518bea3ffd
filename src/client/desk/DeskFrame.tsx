"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useTranslations } from "next-intl";
import type { ReactNode } from "react";
import { brand } from "@/ui/brand";
import { BrandMark } from "@/ui/BrandMark";
import { Dialog } from "@/ui/kit/Dialog";
import { Toasts } from "@/ui/kit/Toasts";
import { KeyHelp } from "./KeyHelp";
import { may, roles as everyRole, type Role } from "@/api/permissions";
import { StaffRoles } from "./shared/staff";
import { useSignOut } from "./shared/useSignOut";

const pages = ["today", "fleet", "charters", "work", "history", "area", "people", "rules"] as const;
/** The pages of somebody of these roles, in the order of the day. */
const pagesOf = (roles: readonly Role[]) => [...pages, ...(may({ roles }, "see-health") ? (["health"] as const) : [])];
const NavLink = chakra(Link);

/** The desk's head: where one can go, who is signed in. */
export function DeskFrame({
  person,
  name,
  roles,
  isDemo,
  children,
}: {
  person: string;
  name: string;
  /** this base is there to be tried, and says so above everything */
  isDemo: boolean;
  roles: readonly Role[];
  children: ReactNode;
}) {
  const t = useTranslations("desk");
  const { stays, signOut, stay } = useSignOut(person);
  return (
    <Box minHeight="100dvh" display="grid" gridTemplateRows={isDemo ? "auto auto 1fr" : "auto 1fr"}>
      <chakra.a
        href="#page"
        position="absolute"
        left="-999px"
        _focus={{ left: "12px", top: "12px", background: "paper", padding: "3", zIndex: 2 }}
      >
        {t("skip")}
      </chakra.a>
      {isDemo && <DemoStrip />}
      <Box
        as="header"
        display="flex"
        flexWrap="wrap"
        alignItems="center"
        gap="8px 24px"
        paddingInline="6"
        background="paper"
        borderBottomWidth="2px"
        borderBottomStyle="solid"
        borderColor="kelp"
        minHeight="64px"
      >
        <NavLink
          href="/today"
          display="inline-flex"
          alignItems="center"
          gap="3"
          textDecoration="none"
          fontSize="1.375rem"
          fontWeight="700"
          minHeight="48px"
        >
          <BrandMark /> {brand}
        </NavLink>
        <PageLinks roles={roles} />
        <Box marginLeft="auto" display="flex" flexWrap="wrap" alignItems="center" gap="8px 16px">
          <KeyHelp />
          <chakra.span display="inline-block" lineHeight="1.25" maxWidth="14rem">
            {name}, <br />
            {roles.length === everyRole.length ? t("role-every") : roles.map((role) => t(`role-${role}`)).join(", ")}
          </chakra.span>
          <Button onClick={() => void signOut()}>{t("sign-out")}</Button>
        </Box>
      </Box>
      {stays !== null && <StaysDialog stays={stays} onStay={stay} onSignOut={() => void signOut()} />}
      <Box id="page" minWidth="0">
        <StaffRoles roles={roles}>{children}</StaffRoles>
      </Box>
      <Toasts />
    </Box>
  );
}

/** Says above everything that this base is there to be tried. */
function DemoStrip() {
  const t = useTranslations("desk");
  return (
    <chakra.aside
      aria-label={t("demo-label")}
      background="kelp"
      color="paper"
      paddingInline="6"
      paddingBlock="1"
      fontSize="0.875rem"
    >
      {t("demo")}
    </chakra.aside>
  );
}

/** Says, before somebody signs out, what is still on this device alone. */
function StaysDialog({
  stays,
  onStay,
  onSignOut,
}: {
  stays: readonly string[];
  onStay: () => void;
  onSignOut: () => void;
}) {
  const t = useTranslations("desk");
  return (
    <Dialog
      title={t("stays-title")}
      closeWord={t("stays-back")}
      onClose={onStay}
      foot={
        <Button variant="solid" size="lg" onClick={onSignOut}>
          {t("stays-sign-out")}
        </Button>
      }
    >
      <p>{t("stays-words", { yachts: [...new Set(stays)].join(", ") })}</p>
    </Dialog>
  );
}

/** Where one can go, with the page one is on marked. */
function PageLinks({ roles }: { roles: readonly Role[] }) {
  const t = useTranslations("desk");
  const path = usePathname();
  return (
    <chakra.nav aria-label={t("nav")} display="flex" flexWrap="wrap" gap="0 18px" marginLeft={{ base: 0, md: "3" }}>
      {pagesOf(roles).map((page) => {
        const here = path.startsWith(`/${page}`);
        return (
          <NavLink
            key={page}
            href={`/${page}`}
            aria-current={here ? "page" : undefined}
            fontWeight="600"
            textDecoration="none"
            display="inline-flex"
            alignItems="center"
            minHeight="62px"
            borderBottomWidth="4px"
            borderBottomStyle="solid"
            borderColor={here ? "brass" : "transparent"}
          >
            {t(page)}
          </NavLink>
        );
      })}
    </chakra.nav>
  );
}
