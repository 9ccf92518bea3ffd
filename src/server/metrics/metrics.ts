import "server-only";
import { collectDefaultMetrics, Gauge, Histogram, register } from "prom-client";
import { messageStates } from "@/core/messages/state";
import { backupsMade } from "../db/backups";
import { messagesStanding } from "../db/messages";
import { pool } from "../db/pool";
import { freeDiskMb } from "../health/disk";

/** A metric by its name, made once: routes are bundled apart and share one register. */
const once = <M>(name: string, make: () => M): M => (register.getSingleMetric(name) as M | undefined) ?? make();

const requests = once(
  "brinecove_request_seconds",
  () =>
    new Histogram({
      name: "brinecove_request_seconds",
      help: "How long requests took, by endpoint, method and status",
      labelNames: ["endpoint", "method", "status"],
      buckets: [0.01, 0.03, 0.1, 0.3, 1, 3, 10],
    }),
);

/** Counts a request that was answered. Labels are names of endpoints, never addresses: those hold ids. */
export function countRequest(endpoint: string, method: string, status: number, ms: number): void {
  requests.observe({ endpoint, method, status }, ms / 1000);
}

function gauges(): void {
  once("brinecove_database_connections", () => {
    const gauge = new Gauge({
      name: "brinecove_database_connections",
      help: "Connections to the database: open, idle, and requests that wait for one",
      labelNames: ["state"],
      collect() {
        const { totalCount, idleCount, waitingCount } = pool();
        this.set({ state: "open" }, totalCount);
        this.set({ state: "idle" }, idleCount);
        this.set({ state: "waiting" }, waitingCount);
      },
    });
    return gauge;
  });
  once("brinecove_disk_free_bytes", () => {
    const gauge = new Gauge({
      name: "brinecove_disk_free_bytes",
      help: "What is free on the disk where the data lie",
      collect() {
        this.set(freeDiskMb() * 1e6);
      },
    });
    return gauge;
  });
  once("brinecove_last_backup_seconds", () => {
    const gauge = new Gauge({
      name: "brinecove_last_backup_seconds",
      help: "When the last backup was done, in seconds since 1970; 0 where there is none",
      async collect() {
        const { last } = await backupsMade(pool());
        this.set(last === null ? 0 : Date.parse(last.at) / 1000);
      },
    });
    return gauge;
  });
  once("brinecove_messages", () => {
    const gauge = new Gauge({
      name: "brinecove_messages",
      help: "Messages to guests of the last sixty days, by how far they have come",
      labelNames: ["state"],
      async collect() {
        const standing = new Map((await messagesStanding(pool())).map(({ state, count }) => [state, count]));
        for (const state of messageStates) this.set({ state }, standing.get(state) ?? 0);
      },
    });
    return gauge;
  });
}

/** Everything that is measured, in the Prometheus text format. */
export async function metricsText(): Promise<{ type: string; text: string }> {
  gauges();
  once("process_cpu_user_seconds_total", () => collectDefaultMetrics());
  return { type: register.contentType, text: await register.metrics() };
}
