import "server-only";
import contentDisposition from "content-disposition";

/**
 * What an answer is called when it is saved (RFC 6266, RFC 5987): any name goes, with a plain one beside it for what reads
 * only that. Control characters are left out.
 */
export const disposition = (name: string, type: "attachment" | "inline" = "attachment"): string =>
  contentDisposition(name.replaceAll(/\p{Cc}/gu, ""), { type });
