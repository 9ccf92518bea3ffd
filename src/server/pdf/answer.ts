import "server-only";
import { disposition } from "../http/disposition";
import type { PdfFile } from "./record";

/** A PDF as an answer that a browser shows. */
export function pdfAnswer({ bytes, name }: PdfFile): Response {
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "application/pdf", "content-disposition": disposition(name, "inline") },
  });
}
