import "server-only";
import pino from "pino";

/** The structured log: what happened, where, how long; never names, contacts, secrets or what was recorded. */
export const log = pino({
  level: process.env.BRINECOVE_LOG ?? "info",
  base: undefined,
  timestamp: pino.stdTimeFunctions.isoTime,
});
