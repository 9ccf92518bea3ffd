import { requireGrant } from "@/server/auth/grant";
import { feed } from "@/server/handover/feed";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";

interface Context {
  params: Promise<{ id: string }>;
}

/** Pokes a device when its handover has something new (server-sent events); the device then pulls. */
export const GET = handle<Context>("handover-events", async (request, { params }) => {
  const id = idParam((await params).id);
  await requireGrant(request, id);
  const text = new TextEncoder();
  const stream = new ReadableStream({
    start(controller) {
      const send = (line: string) => controller.enqueue(text.encode(line));
      const poke = () => send("event: new\ndata: {}\n\n");
      const beat = setInterval(() => send(": here\n\n"), 20_000);
      feed().on(id, poke);
      send(": here\n\n");
      request.signal.addEventListener("abort", () => {
        clearInterval(beat);
        feed().off(id, poke);
        try {
          controller.close();
        } catch {
          // the device has gone already
        }
      });
    },
  });
  return new Response(stream, { headers: { "content-type": "text/event-stream", "cache-control": "no-store" } });
});
