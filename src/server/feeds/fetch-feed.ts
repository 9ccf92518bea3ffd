import "server-only";
import http from "node:http";
import https from "node:https";
import { AppError } from "@/api/app-error";
import type { ErrorCode } from "@/api/errors";
import { lookupPublic, NearError, publicAddress } from "../http-out/public-address";

const mostBytes = 2_000_000;
const mostHops = 3;
const waitMs = 10_000;

export type FeedFault = Extract<
  ErrorCode,
  "feed-address" | "feed-away" | "feed-refused" | "feed-slow" | "feed-too-large" | "feed-redirects"
>;
const fail = (code: FeedFault): never => {
  throw new AppError(code, {}, code === "feed-address" ? "address" : null);
};

/** Calendar programs write webcal for https. */
export function feedAddress(text: string): URL {
  const written = text.trim().replace(/^webcals?:/i, "https:");
  return publicAddress(written) ?? fail("feed-address");
}

/**
 * Reads a foreign feed: over a few redirects at most, as long as it is small and quick.
 *
 * @throws AppError that says why it could not be read
 */
export async function fetchFeed(address: string): Promise<string> {
  const signal = AbortSignal.timeout(waitMs);
  let url = feedAddress(address);
  for (let hop = 0; hop <= mostHops; hop++) {
    const answer = await ask(url, signal);
    if (typeof answer === "string") return answer;
    url = feedAddress(URL.canParse(answer.to, url) ? new URL(answer.to, url).href : "");
  }
  return fail("feed-redirects");
}

function ask(url: URL, signal: AbortSignal): Promise<string | { to: string }> {
  return new Promise<string | { to: string }>((resolve, reject) => {
    const refuse = (code: FeedFault) => reject(new AppError(code, {}, code === "feed-address" ? "address" : null));
    const request = (url.protocol === "https:" ? https : http).get(
      url,
      { lookup: lookupPublic, signal, headers: { accept: "text/calendar, text/plain;q=0.5" } },
      (answer) => {
        const { statusCode = 0, headers } = answer;
        if (statusCode >= 300 && statusCode < 400 && headers.location !== undefined) {
          answer.resume();
          return resolve({ to: headers.location });
        }
        if (statusCode !== 200) {
          answer.resume();
          return refuse(statusCode >= 500 ? "feed-away" : "feed-refused");
        }
        const parts: Buffer[] = [];
        let bytes = 0;
        answer.on("data", (part: Buffer) => {
          bytes += part.length;
          parts.push(part);
          if (bytes <= mostBytes) return;
          refuse("feed-too-large");
          request.destroy();
        });
        answer.on("end", () => resolve(Buffer.concat(parts).toString("utf8")));
        answer.on("error", () => refuse(signal.aborted ? "feed-slow" : "feed-away"));
      },
    );
    request.on("error", (error) =>
      refuse(signal.aborted ? "feed-slow" : error instanceof NearError ? "feed-address" : "feed-away"),
    );
  });
}
