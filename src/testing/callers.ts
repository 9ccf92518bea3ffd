import { charter, device, handoverIn, stayIn, staff, type Session } from "../api/callers";
import { requireCaller } from "../server/auth/caller";

const request = (token: string | null) =>
  new Request("http://127.0.0.1/", { headers: token === null ? {} : { authorization: `Bearer ${token}` } });

/** Who a device is by its token, on a handover. */
export const asDevice = (token: string | null, handover: string): Promise<Session> =>
  requireCaller({ name: "tried", who: [device(handoverIn("params"))] }, request(token), {
    params: { id: handover },
    query: {},
  });

/** Who may read something of a handover: the base's people, and its charter. */
export const asReaderOfHandover = (id: string): Promise<Session> =>
  requireCaller({ name: "tried", who: [staff("see-desk"), charter(handoverIn("params"))] }, request(null), {
    params: { id },
    query: {},
  });

/** Who may read something of a stay. */
export const asReaderOfStay = (id: string): Promise<Session> =>
  requireCaller({ name: "tried", who: [staff("see-desk"), charter(stayIn("params"))] }, request(null), {
    params: { id },
    query: {},
  });
