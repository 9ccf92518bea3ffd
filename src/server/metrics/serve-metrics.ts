import "server-only";
import { createServer, type Server } from "node:http";
import { log } from "../log";
import { metricsText } from "./metrics";

/**
 * Answers /metrics on a port of its own on loopback, past every proxy: what is measured is for the machine's own watch and
 * for nobody outside. Does nothing where no port is named.
 */
export function serveMetrics(port = process.env.BRINECOVE_METRICS_PORT): Server | null {
  if (!port) return null;
  const server = createServer((request, response) => {
    if (request.method !== "GET" || request.url !== "/metrics") {
      response.writeHead(404).end();
      return;
    }
    void metricsText().then(
      ({ type, text }) => response.writeHead(200, { "content-type": type }).end(text),
      (error: unknown) => {
        log.error({ error: String(error) }, "metrics");
        response.writeHead(503).end();
      },
    );
  });
  // a port that is taken by another keeps nobody from working
  server.on("error", (error) => log.error({ error: String(error), port }, "metrics"));
  server.listen(Number(port), "127.0.0.1");
  server.unref();
  return server;
}
