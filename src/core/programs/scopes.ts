/** What a program of somebody else may do at a base by its token. */
export const scopes = ["read-charters", "read-people", "write-charters", "read-statements"] as const;
export type Scope = (typeof scopes)[number];
