import type { NextConfig } from "next";
import { withSerwist } from "@serwist/turbopack";
import createNextIntlPlugin from "next-intl/plugin";

const config: NextConfig = {
  serverExternalPackages: ["pdfkit", "@node-rs/argon2", "sharp", "pg", "pino", "prom-client"],
  experimental: { optimizePackageImports: ["@chakra-ui/react"] },
  turbopack: { resolveAlias: { "@sinclair/typebox": { browser: "./src/client/no-schemas.ts" } } },
  poweredByHeader: false,
  // the tests check the types of everything, not of the app alone
  typescript: { ignoreBuildErrors: true },
  reactStrictMode: true,
  distDir: process.env.BRINECOVE_DIST ?? ".next",
};
export default createNextIntlPlugin("./src/messages/request.ts")(withSerwist(config) as NextConfig);
