import type { ItemAnswer } from "@/api/schemas/book";

/** How far something made on this device has come: on its way to the base, there, there but after a signature, or refused with a reason. */
export type ItemState = "waiting" | "there" | "late" | "refused";

/** What is kept on the device of something that it sends: the item under an id of its own, and how far it has come. */
export interface KeptItem {
  id: string;
  state: ItemState;
  message: string | null;
}

/** One kind of things on its way from a store of this device to an address of the base. */
export interface ItemLane<Row extends KeptItem> {
  /** what waits, in the order it was made, as much as goes in one request */
  waiting: () => Promise<readonly Row[]>;
  post: (rows: readonly Row[]) => Promise<{ answers: readonly ItemAnswer[] }>;
  /** keeps how far the items have come now */
  keep: (answered: readonly KeptItem[]) => Promise<void>;
}

const stateOf = ({ status }: ItemAnswer): ItemState =>
  status === "refused" ? "refused" : status === "late" ? "late" : "there";

/**
 * Sends what waits until nothing does. Each item is sent until it is answered; a refused one is kept with the reason and
 * holds up no other.
 *
 * @throws AppError when the base refuses the whole request; TypeError without connection. What was not answered waits on
 */
export async function sendItems<Row extends KeptItem>(lane: ItemLane<Row>): Promise<void> {
  for (;;) {
    const rows = await lane.waiting();
    if (rows.length === 0) return;
    const sent = new Set(rows.map(({ id }) => id));
    const { answers } = await lane.post(rows);
    const answered = answers.filter(({ id }) => sent.has(id));
    await lane.keep(answered.map((answer) => ({ id: answer.id, state: stateOf(answer), message: answer.message })));
    // an answer that names none of them would be asked for without end
    if (answered.length === 0) throw new TypeError("the base answered nothing of what was sent");
  }
}
