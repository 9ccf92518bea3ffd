/** How a message leaves the house. */
export const messageWays = ["mail", "text"] as const;
export type MessageWay = (typeof messageWays)[number];

/** What the house writes to guests, in the order of a charter. */
export const messageKinds = [
  "what-to-bring",
  "book-link",
  "book-pin",
  "study-reminder",
  "late-finding",
  "due-back",
  "statement",
  "receipt",
] as const;
export type MessageKind = (typeof messageKinds)[number];

/** Values of a charter that every message may name. */
const everywhere = ["name", "yacht", "reference", "from", "until", "berth", "base", "phone"] as const;

export interface KindOfMessage {
  way: MessageWay;
  /** who gets it: who commands, or who owes as well */
  to: "skipper" | "both";
  /** names that its words must hold */
  needs: readonly string[];
  /** further names that its words may hold */
  takes: readonly string[];
  /** what is secret: it stands in no list and is forgotten once it is sent */
  secret: readonly string[];
  /** sent by itself so many days before the start or the end of a charter; null where something else brings it about */
  before: { moment: "start" | "end"; days: number } | null;
  /** whether somebody of the base can send it whenever there is reason to */
  byHand: boolean;
}

const plain = { way: "mail", to: "skipper", needs: [], takes: [], secret: [], before: null, byHand: false } as const;

/** What each kind is about. Link and PIN go by two ways, so that one read by a stranger opens nothing. */
export const kindsOfMessage: Readonly<Record<MessageKind, KindOfMessage>> = {
  "what-to-bring": { ...plain, before: { moment: "start", days: 7 }, byHand: true },
  "book-link": { ...plain, needs: ["link"], secret: ["link"] },
  "book-pin": { ...plain, way: "text", needs: ["pin"], secret: ["pin"] },
  "study-reminder": { ...plain, before: { moment: "start", days: 2 }, byHand: true },
  "late-finding": { ...plain, needs: ["answer"], takes: ["about", "words"] },
  "due-back": { ...plain, before: { moment: "end", days: 1 }, byHand: true },
  statement: { ...plain, to: "both", takes: ["due", "held"] },
  receipt: { ...plain, to: "both", needs: ["sum"], takes: ["receipt"] },
};

/** The names that the words of a kind may hold. */
export const namesOf = (kind: MessageKind): readonly string[] => [
  ...everywhere,
  ...kindsOfMessage[kind].needs,
  ...kindsOfMessage[kind].takes,
];
