import { directory, handoverDatabase, type HandoverDatabase, type KnownHandover } from "./database";

const daysKept = 7;
const dayMs = 24 * 3600 * 1000;

/** What taking handovers off this device came to: the yachts of those that stay, because they are not at the base yet or open somewhere. */
export interface Erased {
  erased: number;
  stays: string[];
}

/** Marks a handover's store as in use on this device for as long as the page lives, so that nobody erases it meanwhile. */
export function holdOpen(database: string): void {
  void locks()?.request(lockOf(database), { mode: "shared" }, () => new Promise(() => undefined));
}

/** Locks between windows; an insecure address has none. */
const locks = (): LockManager | undefined => (typeof navigator === "undefined" ? undefined : navigator.locks);
const lockOf = (database: string) => `brinecove-open-${database}`;

/**
 * Takes a person's handovers off this device, as one signs out of a tablet that others use too. What holds anything
 * that has not reached the base, or is open in another window, stays.
 */
export const eraseOf = (person: string): Promise<Erased> =>
  erase((known) => Promise.resolve(known.database.endsWith(person)));

/** Takes handovers off this device whose stay ended more than a week ago, by the device's clock. */
export const eraseOld = (nowMs: number): Promise<Erased> =>
  erase(async (_known, db) => {
    const kept = await db.handover.get("handover");
    return kept !== undefined && Date.parse(kept.bundle.list.stay.to) + daysKept * dayMs < nowMs;
  });

/** Takes one handover off this device that may no longer be recorded on here. */
export const eraseOne = (handover: string): Promise<Erased> =>
  erase((known) => Promise.resolve(known.handover === handover), true);

async function erase(
  isMeant: (known: KnownHandover, db: HandoverDatabase) => Promise<boolean>,
  mine = false,
): Promise<Erased> {
  const devices = directory();
  const outcome: Erased = { erased: 0, stays: [] };
  try {
    for (const known of await devices.handovers.toArray()) {
      const db = handoverDatabase(known.database);
      try {
        if (!(await isMeant(known, db))) continue;
        const gone =
          !(await isUnsent(known.handover, db)) &&
          (mine ? await remove(db) : await alone(known.database, () => remove(db)));
        if (gone) {
          await devices.handovers.delete(known.handover);
          outcome.erased += 1;
        } else outcome.stays.push(known.yacht);
      } finally {
        db.close();
      }
    }
  } finally {
    devices.close();
  }
  return outcome;
}

async function remove(db: HandoverDatabase): Promise<boolean> {
  await db.delete();
  return true;
}

/** Whether a store holds anything that the base has not said it has. */
async function isUnsent(handover: string, db: HandoverDatabase): Promise<boolean> {
  // notes stand in a store of their own, which a check-in without any has no need of
  const { NoteStore } = await import("./note-store");
  if (await NoteStore.open().waitsAt(handover)) return true;
  const waiting =
    (await db.entries.where("state").equals("waiting").count()) +
    (await db.photos.where("state").equals("waiting").count());
  return waiting > 0 || Boolean((await db.handover.get("handover"))?.sealToSend);
}

/** Does work on a store that no window has open; false where one has. */
async function alone(database: string, work: () => Promise<boolean>): Promise<boolean> {
  return !locks()
    ? work()
    : navigator.locks.request(lockOf(database), { ifAvailable: true }, async (lock) => (lock ? work() : false));
}
