"use client";
import { signIn } from "@/api/sign-in";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { brand } from "@/ui/brand";
import { BrandMark } from "@/ui/BrandMark";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** The base's people sign in here. */
export function SignInForm() {
  const t = useTranslations("signin");
  const form = useDeskForm(signIn, {
    fields: { email: { label: t("email") }, password: { label: t("password") }, code: { label: t("code") } },
    ask: ({ email, password, code }) => ({
      body: { email: email.trim(), password, ...(code.trim() === "" ? {} : { code: code.trim() }) },
    }),
    onTaken: () => location.assign("/today"),
  });
  return (
    <Box
      as="main"
      minHeight="100dvh"
      display="grid"
      gridTemplateColumns={{ base: "1fr", lg: "minmax(420px, 1fr) 1.1fr" }}
    >
      <Box display="grid" alignContent="center" justifyItems="center" padding="6">
        <Box display="grid" gap="5" width="100%" maxWidth="24rem">
          <Box display="flex" alignItems="center" gap="3">
            <BrandMark size={56} />
            <chakra.h1>{brand}</chakra.h1>
          </Box>
          <p>{t("words")}</p>
          <FormFrame form={form} action={form.busy ? t("busy") : t("go")} large>
            <FormInput form={form} name="email" type="email" autoComplete="username" />
            <FormInput form={form} name="password" type="password" autoComplete="current-password" />
            {(form.faultAt("code") !== null || form.typed.code !== "") && (
              <FormInput form={form} name="code" autoComplete="one-time-code" maxLength={40} autoFocus />
            )}
          </FormFrame>
          <chakra.p color="kelp2">{t("skipper")}</chakra.p>
        </Box>
      </Box>
      <Box
        background="rail"
        borderLeftWidth="2px"
        borderLeftStyle="solid"
        borderColor="kelp"
        display={{ base: "none", lg: "grid" }}
        alignContent="center"
        padding="10"
        aria-hidden="true"
      >
        <SwellDrawing />
      </Box>
    </Box>
  );
}

/** A quay seen from above with yachts at their berths, in the house's line. */
function SwellDrawing() {
  const hull = "M0 0C7 22 17 46 19 84C20 118 18 140 16 152H-16C-18 140-20 118-19 84C-17 46-7 22 0 0Z";
  return (
    <svg viewBox="0 0 520 420" width="100%">
      <rect x="0" y="330" width="520" height="34" fill="var(--paper)" stroke="var(--kelp)" strokeWidth="2" />
      {[60, 142, 224, 388, 462].map((x, i) => (
        <g key={x} transform={`translate(${x} ${i === 3 ? 96 : 166})`}>
          <path
            d={hull}
            fill={i === 3 ? "var(--brass-ground)" : "var(--paper)"}
            stroke={i === 3 ? "var(--brass)" : "var(--kelp)"}
            strokeWidth="2"
          />
          <path d="M0 46V132" stroke="var(--kelp)" strokeWidth="2" />
          <circle cx="0" cy="46" r="3.5" fill="var(--kelp)" />
        </g>
      ))}
      <path d="M388 262V326" stroke="var(--brass)" strokeWidth="3" strokeDasharray="2 9" strokeLinecap="round" />
      {[60, 96].map((y) => (
        <path
          key={y}
          d={`M0 ${y}c40-16 60 16 104 0s64 16 104 0 60 16 104 0 64 16 104 0 60 16 104 0`}
          fill="none"
          stroke="#9fb3a3"
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
