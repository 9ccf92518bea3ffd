/** Stands in for the request's cookies and headers of Next, which exist only inside a running server. */
const kept = new Map<string, { value: string; options: Record<string, unknown> }>();

export const jar = {
  get: (name: string) => kept.get(name),
  set: (name: string, value: string, options: Record<string, unknown> = {}) => void kept.set(name, { value, options }),
  delete: (name: string) => void kept.delete(name),
  clear: () => kept.clear(),
};

export const cookies = () => Promise.resolve(jar);

/** What the request says of itself. */
export const said = new Headers();
export const headers = () => Promise.resolve(said);
