import http from "node:http";
import https from "node:https";
import { lookupPublic, NearError, publicAddress } from "./public-address";

const waitMs = 10_000;

/** What came of a call: the status of the answer, or null with what kept one from coming. */
export interface Posted {
  status: number | null;
  detail: string;
}

/**
 * Posts JSON to an address in the open internet. Redirects are not followed: what is signed for one address goes to it
 * alone. The answer's body is not read.
 */
export function postJson(address: string, body: string, headers: Record<string, string>): Promise<Posted> {
  const url = publicAddress(address);
  if (!url) return Promise.resolve({ status: null, detail: "near" });
  const signal = AbortSignal.timeout(waitMs);
  return new Promise((resolve) => {
    const request = (url.protocol === "https:" ? https : http).request(
      url,
      {
        method: "POST",
        lookup: lookupPublic,
        signal,
        headers: { "content-type": "application/json", "content-length": Buffer.byteLength(body), ...headers },
      },
      (answer) => {
        const status = answer.statusCode ?? 0;
        answer.destroy();
        resolve({ status, detail: String(status) });
      },
    );
    request.on("error", (error) =>
      resolve({ status: null, detail: signal.aborted ? "slow" : error instanceof NearError ? "near" : "away" }),
    );
    request.end(body);
  });
}
