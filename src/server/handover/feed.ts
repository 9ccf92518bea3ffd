import "server-only";
import { EventEmitter } from "node:events";

const shared = globalThis as { brinecoveFeed?: EventEmitter };

/** Pokes the devices of a handover when there is something new. One process serves all of a base, so it stays inside it. */
export function feed(): EventEmitter {
  if (!shared.brinecoveFeed) {
    shared.brinecoveFeed = new EventEmitter();
    shared.brinecoveFeed.setMaxListeners(0);
  }
  return shared.brinecoveFeed;
}
