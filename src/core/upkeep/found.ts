/** What became of a thing that a crew left aboard. */
export const foundStates = ["kept", "returned", "disposed"] as const;
export type FoundState = (typeof foundStates)[number];
