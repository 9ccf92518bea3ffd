/** Nothing but the fields that are named. */
export const closed = { additionalProperties: false } as const;
