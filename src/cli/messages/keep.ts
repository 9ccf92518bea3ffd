import { Logger, run, type JobHelpers, type Runner } from "graphile-worker";
import pg from "pg";
import { freeJobs, maySend } from "../../server/db/message-queue";
import { sendMail, type MailServer } from "./mail";
import { sendFromQueue, TryLater } from "./send";
import { tellHook } from "./tell-hook";

const againMs = 15_000;

/**
 * Sends what stands in the queue for as long as `start` runs. A database that is away is waited for; of several processes
 * on one database one sends.
 */
export function keepMessages(ownerUrl: string, server: MailServer | null): { stop: () => Promise<void> } {
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let end = async () => undefined as void;
  const begin = async () => {
    if (stopped) return;
    try {
      end = await sendWhileConnected(ownerUrl, server, () => {
        if (!stopped) beginLater();
      });
    } catch {
      if (stopped) return;
      // the database may be starting again, or another process sends
      beginLater();
    }
  };
  const beginLater = () => {
    timer = setTimeout(() => (beginning = begin()), againMs);
  };
  let beginning = begin();
  return {
    stop: async () => {
      stopped = true;
      clearTimeout(timer);
      // one that is about to begin would send after everything else has ended
      await beginning;
      await end();
    },
  };
}

/** Sends for as long as one connection holds the house's lock. Gives back how to end it; throws where somebody else sends. */
async function sendWhileConnected(
  ownerUrl: string,
  server: MailServer | null,
  onLost: () => void,
): Promise<() => Promise<void>> {
  const holder = new pg.Client({ connectionString: ownerUrl, keepAlive: true });
  let runner: Runner | null = null;
  let isOver = false;
  const end = async () => {
    if (isOver) return;
    isOver = true;
    await runner?.stop().catch(() => undefined);
    await holder.end().catch(() => undefined);
  };
  const lost = async () => {
    if (isOver) return;
    await end();
    onLost();
  };
  holder.on("error", () => void lost());
  await holder.connect();
  if (!(await maySend(holder))) {
    await end();
    throw new Error("another process sends");
  }
  await freeJobs(holder);
  runner = await run(sendingOf(ownerUrl, server));
  // a queue that cannot be read any more is begun anew
  runner.promise.catch(() => undefined).finally(() => void lost());
  return end;
}

/** The queue's runner. Messages go one after another, and so does what one address is told: each has a queue of its own. */
export const sendingOf = (ownerUrl: string, server: MailServer | null) => ({
  connectionString: ownerUrl,
  concurrency: 3,
  pollInterval: 5000,
  noHandleSignals: true,
  logger: new Logger(() => () => undefined),
  taskList: {
    "tell-hook": toldWhereOdd("An address was not told", async (payload, { withPgClient }) => {
      const { event } = payload as { event: string };
      await withPgClient((client) => tellHook(client, event, new Date()));
    }),
    "send-message": toldWhereOdd("A message was not sent", async (payload, { job, withPgClient }) => {
      const { message } = payload as { message: string };
      await withPgClient((client) =>
        sendFromQueue(client, message, job.attempts, server === null ? null : (mail) => sendMail(server, mail), () =>
          new Date().toISOString(),
        ),
      );
    }),
  },
});

type Task = (payload: unknown, helpers: JobHelpers) => Promise<void>;

/** A task whose faults are told, but for those that another attempt follows: these stand in its own log. */
const toldWhereOdd =
  (words: string, task: Task): Task =>
  async (payload, helpers) => {
    try {
      await task(payload, helpers);
    } catch (error) {
      if (!(error instanceof TryLater)) console.error(`${words}: ${(error as Error).message}`);
      throw error;
    }
  };
