import "server-only";
import pLimit from "p-limit";
import { AppError } from "@/api/app-error";

/** How many of one caller's calls are in the database at once: fewer than it has connections, so that nobody takes them all. */
const atOnce = 3;
/** More than this in a caller's queue are told to come again. */
const mostWaiting = 200;

const queues = new Map<string, ReturnType<typeof pLimit>>();

/**
 * Does a caller's work when its turn comes among that caller's own.
 *
 * @throws AppError `too-much-at-once` while too many of theirs wait
 */
export async function inTurn<T>(caller: string, work: () => Promise<T>): Promise<T> {
  const queue = queues.get(caller) ?? pLimit(atOnce);
  if (queue.activeCount + queue.pendingCount >= atOnce + mostWaiting) throw new AppError("too-much-at-once");
  queues.set(caller, queue);
  try {
    return await queue(work);
  } finally {
    if (queue.activeCount + queue.pendingCount === 0) queues.delete(caller);
  }
}
