import { lookup, type LookupAddress } from "node:dns";
import { isIP, type LookupFunction } from "node:net";
import ipaddr from "ipaddr.js";

/** Whether the app may call its own machine and network: in tests alone. */
const isNearAllowed = () => process.env.BRINECOVE_FEEDS_FROM_NEAR === "yes";

/** Whether an address lies in the open internet: nobody reaches the house's own machines through us. */
const isPublic = (address: string): boolean => isNearAllowed() || ipaddr.process(address).range() === "unicast";

/** An address by http or https that is not near by its figures; null for any other. */
export function publicAddress(text: string): URL | null {
  const url = URL.canParse(text) ? new URL(text) : null;
  if (!url) return null;
  const host = url.hostname.replace(/^\[|\]$/g, "");
  const isNear = isIP(host) !== 0 && !isPublic(host);
  return ["http:", "https:"].includes(url.protocol) && !isNear ? url : null;
}

/** The host lies near. */
export class NearError extends Error {}

/** Looks a host up, and gives none of its addresses where one of them lies near. */
export const lookupPublic: LookupFunction = (host, options, done) => {
  lookup(host, { ...options, all: true }, (error, found: LookupAddress[]) => {
    if (error) return done(error, "", 0);
    const [first] = found;
    if (!first || !found.every(({ address }) => isPublic(address))) return done(new NearError(), "", 0);
    return options.all ? done(null, found) : done(null, first.address, first.family);
  });
};
