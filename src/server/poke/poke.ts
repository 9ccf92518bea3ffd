import "server-only";
import { EventEmitter } from "node:events";
import { announce, hearOthers } from "./others";

const shared = globalThis as { brinecovePokes?: EventEmitter };
const everyone = "everyone";

function emitter(): EventEmitter {
  if (!shared.brinecovePokes) {
    shared.brinecovePokes = new EventEmitter();
    shared.brinecovePokes.setMaxListeners(0);
  }
  return shared.brinecovePokes;
}

/** Tells the devices of handovers that there is something new: those that listen here, and those at other processes on this database. */
export function poke(handoverIds: Iterable<string>): void {
  const ids = [...handoverIds];
  if (ids.length === 0) return;
  for (const id of ids) emitter().emit(id);
  announce(ids);
}

/** Calls a listener whenever a handover has something new, here or at another process; returns how to stop. */
export function onPoke(handoverId: string, listener: () => void): () => void {
  hearOthers({
    poked: (ids) => ids.forEach((id) => emitter().emit(id)),
    // pokes may have been missed while the connection was away
    missed: () => emitter().emit(everyone),
  });
  emitter().on(handoverId, listener);
  emitter().on(everyone, listener);
  return () => {
    emitter().off(handoverId, listener);
    emitter().off(everyone, listener);
  };
}
