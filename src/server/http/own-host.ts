/** Names under which a machine reaches itself. */
const loopback = /^(127(\.\d{1,3}){3}|localhost|\[::1\])(:\d{1,5})?$/;

/**
 * Whether a request is for us: under the address people use, where `ORIGIN` names it, or on the machine itself. A name
 * that somebody else has pointed at this machine is none of ours.
 */
export function isOwnHost(host: string | null): boolean {
  // a browser always says which; without a name nothing was pointed at us
  if (host === null) return true;
  const { ORIGIN } = process.env;
  return loopback.test(host) || (ORIGIN !== undefined && URL.canParse(ORIGIN) && new URL(ORIGIN).host === host);
}
