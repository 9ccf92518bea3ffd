import "@fontsource-variable/atkinson-hyperlegible-next/index.css";
import "@/ui/theme/global.css";
import type { Metadata, Viewport } from "next";
import { getLocale } from "next-intl/server";
import type { ReactNode } from "react";

/** Every page is made per request: its scripts carry the nonce of its own policy. */
export const dynamic = "force-dynamic";

export const metadata: Metadata = {
  title: { default: "Brinecove", template: "%s · Brinecove" },
  description: "Yacht handover, from check-in to settlement",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#10302b" };

export default async function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang={await getLocale()} suppressHydrationWarning>
      <body>{children}</body>
    </html>
  );
}
