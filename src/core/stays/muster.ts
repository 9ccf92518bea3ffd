import { jacketsGiven } from "../handover/jackets";
import type { YachtFile } from "../yacht/schema";

/** What one does when somebody is overboard, in the order in which it has to be given to somebody. */
export const overboardRoles = ["helm", "points", "throws", "calls", "ready"] as const;
export const fireRoles = ["fights", "shuts", "calls", "musters", "gathers"] as const;
export const leavingRoles = ["helm", "bow", "stern", "spring", "fender", "lookout"] as const;
export type OverboardRole = (typeof overboardRoles)[number];
export type FireRole = (typeof fireRoles)[number];
export type LeavingRole = (typeof leavingRoles)[number];

/** Who does what, and wears which jacket. */
export interface Mustered {
  name: string;
  /** key of the jacket in her inventory; null where none that fits is left */
  jacket: string | null;
  /** a child stays with the grown person named, and has no task */
  stayWith: string | null;
  overboard: OverboardRole | null;
  fire: FireRole | null;
  leaving: LeavingRole | null;
}

/** Under this a person is taken for a child, as life jackets are. */
const grownFromKg = 40;

/**
 * A proposal of who does what, by the crew list: tasks go to the grown in the list's order, the first of it at the helm;
 * whoever is left over has the last task of each row. Children have none, and stay with somebody who has.
 */
export function muster(
  crew: readonly { name: string; weightKg: number }[],
  { inventory }: Pick<YachtFile, "inventory">,
): Mustered[] {
  const jackets = Object.entries(inventory).flatMap(([key, { jacketKg, expected }]) =>
    jacketKg ? [{ key, fromKg: jacketKg.from, toKg: jacketKg.to ?? null, count: expected }] : [],
  );
  const given = jacketsGiven(
    crew.map(({ weightKg }) => weightKg),
    jackets,
  );
  const grown = crew.filter(({ weightKg }) => weightKg >= grownFromKg);
  const task = <Role>(roles: readonly Role[], at: number): Role | null => roles[at] ?? roles.at(-1) ?? null;
  return crew.map((person, i): Mustered => {
    const at = grown.indexOf(person);
    return {
      name: person.name,
      jacket: given[i] === null || given[i] === undefined ? null : (jackets[given[i]]?.key ?? null),
      stayWith: at < 0 ? (grown.at(-1)?.name ?? null) : null,
      overboard: at < 0 ? null : task(overboardRoles, at),
      // whoever steers in the one case fights the fire in the other: the order is turned by one, so that two learn each
      fire: at < 0 ? null : task(fireRoles, grown.length > 1 ? (at + 1) % grown.length : at),
      leaving: at < 0 ? null : task(leavingRoles, at),
    };
  });
}

/** The three cases that people are mustered for, with what there is to do in each. */
export const musterRoles = { overboard: overboardRoles, fire: fireRoles, leaving: leavingRoles } as const;
export type MusterCase = keyof typeof musterRoles;
/** A task that was changed by hand: of the person at a place in the crew list. */
export interface MusterChange {
  person: number;
  of: MusterCase;
  role: string;
}

/**
 * A muster with what was changed by hand, change by change: who takes a task from another gets their task given for it,
 * so that nothing is left undone. A change that does not fit the crew any more is passed over.
 */
export function mustered(proposal: readonly Mustered[], changes: readonly MusterChange[]): Mustered[] {
  return changes.reduce<Mustered[]>(
    (now, { person, of, role }) => {
      const [mine, isTask] = [now[person]?.[of], (musterRoles[of] as readonly string[]).includes(role)];
      if (!mine || !isTask || mine === role) return now;
      const holders = now.filter((each) => each[of] === role);
      return now.map((each, at) => {
        if (at === person) return { ...each, [of]: role };
        return holders.length === 1 && each === holders[0] ? { ...each, [of]: mine } : each;
      });
    },
    [...proposal],
  );
}
