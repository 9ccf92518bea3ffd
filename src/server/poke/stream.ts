import "server-only";
import { onPoke } from "./poke";

const beatMs = 20_000;
/** How many streams one device holds: a few tabs, and one that has not noticed yet that its line is dead. */
const mostOpen = 6;

const open = new Map<string, (() => void)[]>();

/**
 * A stream of server-sent events that pokes a device whenever its handover has something new; it ends when the device
 * goes, and the oldest one where a device opens more than it can use.
 */
export function pokeStream(handoverId: string, device: string, gone: AbortSignal): Response {
  const text = new TextEncoder();
  const stream = new ReadableStream({
    start(controller) {
      const send = (line: string) => controller.enqueue(text.encode(line));
      const beat = setInterval(() => send(": here\n\n"), beatMs);
      const stop = onPoke(handoverId, () => send("event: new\ndata: {}\n\n"));
      send(": here\n\n");
      const end = () => {
        clearInterval(beat);
        stop();
        keepOpen(device, (ends) => ends.filter((each) => each !== end));
        try {
          controller.close();
        } catch {
          // the device has gone already
        }
      };
      keepOpen(device, (ends) => [...ends, end]);
      const ends = open.get(device) ?? [];
      if (ends.length > mostOpen) ends[0]?.();
      gone.addEventListener("abort", end, { once: true });
    },
  });
  return new Response(stream, { headers: { "content-type": "text/event-stream" } });
}

function keepOpen(device: string, change: (ends: (() => void)[]) => (() => void)[]): void {
  const ends = change(open.get(device) ?? []);
  if (ends.length > 0) open.set(device, ends);
  else open.delete(device);
}
