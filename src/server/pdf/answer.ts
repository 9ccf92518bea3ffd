import "server-only";
import type { PdfFile } from "./record";

/** A PDF as an answer that a browser shows. */
export function pdfAnswer({ bytes, name }: PdfFile): Response {
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "application/pdf", "content-disposition": `inline; filename="${name}"` },
  });
}
