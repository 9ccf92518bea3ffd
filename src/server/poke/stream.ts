import "server-only";
import { onPoke } from "./poke";

const beatMs = 20_000;

/** A stream of server-sent events that pokes a device whenever its handover has something new; it ends when the device goes. */
export function pokeStream(handoverId: string, gone: AbortSignal): Response {
  const text = new TextEncoder();
  const stream = new ReadableStream({
    start(controller) {
      const send = (line: string) => controller.enqueue(text.encode(line));
      const beat = setInterval(() => send(": here\n\n"), beatMs);
      const stop = onPoke(handoverId, () => send("event: new\ndata: {}\n\n"));
      send(": here\n\n");
      gone.addEventListener("abort", () => {
        clearInterval(beat);
        stop();
        try {
          controller.close();
        } catch {
          // the device has gone already
        }
      });
    },
  });
  return new Response(stream, { headers: { "content-type": "text/event-stream" } });
}
