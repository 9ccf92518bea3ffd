import "server-only";
import type { DeviceGrant } from "@/api/callers";
import { addHours } from "@/core/basics/instant";
import type { Entry } from "@/core/handover/entry";
import { permitDigest, speaksFor, type Permit } from "@/core/handover/permit";
import { now } from "../clock";
import { findStaffMember } from "../db/staff";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { isSignedForBase, signForBase } from "../keys/signing";

/** Hours that somebody's own device speaks for them without signal: a day at the quay. */
const ownHours = 12;
/** Hours that a second person is proved for on somebody else's device: the sheet that is open. */
const secondHours = 0.25;
/** Hours after its end at which a permit that was used without signal still reaches the base. */
const arrivalHours = 48;

/**
 * What the base says of somebody of the base who records on a device; null for who is not of the base.
 *
 * @param second whether it is a second person on a device that was made out to another
 */
export async function makePermit(
  db: Queryable,
  grant: Pick<DeviceGrant, "id" | "baseId" | "handoverId">,
  personId: string,
  second = false,
): Promise<Permit | null> {
  const person = await findStaffMember(db, personId);
  if (!person) return null;
  const from = now();
  const said: Omit<Permit, "signature"> = {
    v: 1,
    handover: grant.handoverId,
    grant: grant.id,
    person: personId,
    name: person.name,
    roles: person.roles,
    from,
    until: addHours(from, second ? secondHours : ownHours),
  };
  const { signature } = await signForBase(db, grant.baseId, permitDigest(said));
  return { ...said, signature };
}

/** Permits of a device that the base itself signed and that have not grown old on the way. */
export async function soundPermits(
  grant: Pick<DeviceGrant, "id" | "baseId">,
  permits: readonly Permit[],
): Promise<Permit[]> {
  const own = permits.filter(({ grant: of, until }) => of === grant.id && now() <= addHours(until, arrivalHours));
  if (own.length === 0) return [];
  return inBaseTransaction(grant.baseId, async (db) => {
    const sound: Permit[] = [];
    for (const permit of own)
      if (await isSignedForBase(db, grant.baseId, permitDigest(permit), permit.signature)) sound.push(permit);
    return sound;
  });
}

/** The permit that speaks for an entry, of those that are sound. */
export const permitOf = (permits: readonly Permit[], entry: Entry): Permit | undefined =>
  permits.find((permit) => speaksFor(permit, entry));
