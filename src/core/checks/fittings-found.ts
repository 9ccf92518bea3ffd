import { named, type FileCheck } from "./check";

/** Every fitting has a photo, so that it is known when it is seen. */
export const fittingsFound: FileCheck = {
  name: "fittings-found",
  level: "warning",
  find: ({ fittings }) =>
    Object.entries(fittings).flatMap(([key, fitting]) =>
      fitting.photo === undefined
        ? [{ path: `/fittings/${key}/photo`, message: `${named(fitting, key)} has no photo` }]
        : [],
    ),
};
