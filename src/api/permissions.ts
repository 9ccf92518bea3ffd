/** What somebody of the base can be. */
export const roles = ["briefer", "technician", "office", "manager"] as const;
export type Role = (typeof roles)[number];

const everybody: readonly Role[] = roles;
/** Who works on yachts, and can be given work. */
export const aboard: readonly Role[] = ["briefer", "technician", "manager"];
const works: readonly Role[] = ["technician", "manager"];
const money: readonly Role[] = ["office", "manager"];
const manager: readonly Role[] = ["manager"];

/**
 * Who of the base may do what. What does not stand here nobody may do. The reason for each row is in
 * docs/decisions/0032-permissions.md; routes and pages both ask here.
 */
export const permissions = {
  "see-desk": everybody,
  "note-call": everybody,
  "note-found-thing": everybody,
  "propose-file-change": everybody,
  "keep-crew-list": everybody,
  "hand-over": aboard,
  "answer-skipper": aboard,
  "note-restock": aboard,
  "judge-work": works,
  "edit-file": works,
  "make-book-link": ["briefer", "office", "manager"],
  "take-deposit": money,
  "note-authority": money,
  "charge-by-price-list": money,
  "sign-statement": money,
  "close-deposit": money,
  "note-objection": money,
  "decide-charge": manager,
  "agree-sum": manager,
  "say-gross-negligence": manager,
  "choose-record": manager,
  override: manager,
  "settle-rules": manager,
  "settle-prices": manager,
  "keep-extras": money,
  "keep-tasks": works,
  "enter-charter": ["briefer", "office", "manager"],
  "keep-programs": manager,
  "note-coming": everybody,
  "close-yacht": ["technician", "office", "manager"],
  "hire-extras": ["briefer", "office", "manager"],
  "send-messages": ["briefer", "office", "manager"],
  "keep-messages": money,
  "keep-area": ["briefer", "manager"],
  "keep-people": manager,
  "publish-file": manager,
  "simulate-weather": manager,
  "see-health": manager,
  "back-up": manager,
  "see-log": manager,
  "erase-private": manager,
} as const satisfies Record<string, readonly Role[]>;

export type Action = keyof typeof permissions;

/** Whether somebody with these roles may do something. */
export function may(who: { roles: readonly string[] }, action: Action): boolean {
  return (permissions[action] as readonly string[]).some((role) => who.roles.includes(role));
}
