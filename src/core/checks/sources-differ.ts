import { named, type FileCheck, type Finding } from "./check";

/** The table of sources: each row says how every selector stands, with stands that the selector has, and no two rows are the same. */
export const sourcesDiffer: FileCheck = {
  name: "sources-differ",
  level: "error",
  find: ({ sources, fittings }) => {
    const selectors = new Set(Object.values(sources).flatMap(({ stands }) => stands.map(({ fitting }) => fitting)));
    const rows = new Map<string, string>();
    const found: Finding[] = [];
    for (const [key, source] of Object.entries(sources)) {
      source.stands.forEach(({ fitting, at }, i) => {
        const stands = fittings[fitting]?.positions?.stands.map((stand) => stand.at as string);
        if (fittings[fitting] && !stands?.includes(at))
          found.push({
            path: `/sources/${key}/stands/${i}/at`,
            message: `${named(fittings[fitting], fitting)} has no stand "${at}"${stands ? `; it has ${stands.join(", ")}` : ": say its positions first"}`,
          });
      });
      for (const selector of selectors)
        if (source.stands.filter(({ fitting }) => fitting === selector).length !== 1)
          found.push({
            path: `/sources/${key}/stands`,
            message: `${named(source, key)} does not say once how ${named(fittings[selector] ?? {}, selector)} stands`,
          });
      const row = [...source.stands]
        .map(({ fitting, at }) => `${fitting}=${at}`)
        .sort()
        .join(" ");
      const other = rows.get(row);
      if (other !== undefined)
        found.push({
          path: `/sources/${key}/stands`,
          message: `${named(source, key)} stands as ${named(sources[other]!, other)} does: one of the two is not true`,
        });
      rows.set(row, key);
    }
    return found;
  },
};
