import type { NamedPerson } from "./row";

/** A guest whom the base knows. */
export interface KnownGuest extends NamedPerson {
  id: string;
}

/** Whom a row means: a guest the base knows, with what changes in how they are reached, or a new one. */
export type MeantPerson =
  | { id: string; contacts: { email: string; phone: string } | null; name: string }
  | { id: null; key: string; name: string; email: string; phone: string };

const same = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

/** A guest as the rows so far leave them. */
interface Guest extends NamedPerson {
  known: KnownGuest;
  /** what some row has said of them: the first one counts, so that a list never contradicts itself */
  said: { email: boolean; phone: boolean };
}

/**
 * Tells whom the rows of a file mean. One name with one mail address is one person, with another address somebody else;
 * where a name alone could mean two, nobody is guessed.
 */
export class MeantPeople {
  readonly #known = new Map<string, Guest[]>();
  readonly #added = new Map<string, NamedPerson & { key: string }>();

  constructor(known: readonly KnownGuest[]) {
    for (const guest of known) this.#know(guest);
  }

  /**
   * @param stands who holds this part in the charter so far
   * @returns null where the name could mean two
   */
  find(named: NamedPerson, stands: KnownGuest | null): MeantPerson | null {
    if (stands !== null && same(stands.name, named.name)) return meant(this.#know(stands), named);
    const ofName = this.#known.get(named.name.toLowerCase()) ?? [];
    if (named.email !== "") {
      const one =
        ofName.find(({ email }) => same(email, named.email)) ??
        (ofName.length === 1 ? ofName.find(({ email }) => email === "") : undefined);
      return one ? meant(one, named) : this.#add(named);
    }
    const [only] = ofName;
    const added = [...this.#added.values()].filter(({ name }) => same(name, named.name));
    if (ofName.length + added.length > 1) return null;
    if (only) return meant(only, named);
    const [first] = added;
    return first ? { id: null, ...first } : this.#add(named);
  }

  #know(known: KnownGuest): Guest {
    const { id, name, email, phone } = known;
    const ofName = this.#known.get(name.toLowerCase()) ?? [];
    const there = ofName.find((guest) => guest.known.id === id);
    if (there) return there;
    const guest = { known, name, email, phone, said: { email: false, phone: false } };
    this.#known.set(name.toLowerCase(), [...ofName, guest]);
    return guest;
  }

  #add(named: NamedPerson): MeantPerson {
    const key = `${named.name.toLowerCase()} ${named.email.toLowerCase()}`;
    const added = this.#added.get(key) ?? { ...named, key };
    added.phone ||= named.phone;
    this.#added.set(key, added);
    return { id: null, ...added };
  }
}

function meant(guest: Guest, named: NamedPerson): MeantPerson {
  const { known, said } = guest;
  for (const contact of ["email", "phone"] as const) {
    if (named[contact] === "" || said[contact]) continue;
    guest[contact] = named[contact];
    said[contact] = true;
  }
  const isSame = guest.email === known.email && guest.phone === known.phone;
  return { id: known.id, name: known.name, contacts: isSame ? null : { email: guest.email, phone: guest.phone } };
}
