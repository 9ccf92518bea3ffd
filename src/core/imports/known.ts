import type { Instant } from "../basics/instant";
import type { Language } from "../basics/languages";
import type { UsualCharters } from "../charters/agreed";
import type { CalledOff } from "../charters/call-off";
import type { CharterColumn } from "./columns";
import type { Held } from "./held";
import type { KnownGuest, MeantPerson } from "./people";
import type { ReadBy, RowFault } from "./row";

/** A charter of the base that a file may speak of. */
export interface KnownCharter {
  id: string;
  stayId: string;
  reference: string;
  /** how often it was changed */
  onNumber: number;
  yacht: string;
  startsAt: Instant;
  endsAt: Instant;
  freeFrom: Instant;
  aboard: number;
  language: Language;
  charterer: KnownGuest;
  skipper: KnownGuest;
  calledOff: CalledOff | null;
  /** whether a handover was opened, its check-out was, and its check-in is signed */
  isBegun: boolean;
  /** whether people sign for it by now */
  hasPeopleAboard: boolean;
  isEnding: boolean;
  isHandedOver: boolean;
}

/** What the base knows by which the fate of a row is told. */
export interface KnownBase extends ReadBy {
  now: Instant;
  usual: UsualCharters;
  usualLanguage: Language;
  yachts: readonly { slug: string; name: string; maximumAboard: number }[];
  charters: readonly KnownCharter[];
  /** every charter that has a yacht, those of the file too */
  held: readonly Held[];
  closings: readonly { yacht: string; kind: string; startsAt: Instant; endsAt: Instant }[];
  guests: readonly KnownGuest[];
}

/** One field that a row changes, in the words of the base's own list. */
export interface RowChange {
  column: CharterColumn;
  was: string;
  becomes: string;
}

/** A charter as it stands once its row is taken. */
export interface CharterToBe extends Held {
  /** null where the charter is new */
  known: KnownCharter | null;
  endsAt: Instant;
  aboard: number;
  language: Language;
  /** key of the terms of a new charter */
  terms: string;
  charterer: MeantPerson;
  skipper: MeantPerson;
  calledOff: CalledOff | null;
}

/** What becomes of a row. */
export interface RowFate {
  line: number;
  reference: string;
  fate: "new" | "changed" | "same" | "refused";
  /** whether the base has a charter of this reference */
  isKnown: boolean;
  changes: RowChange[];
  faults: RowFault[];
  becomes: CharterToBe | null;
}
