import { putPhoto, readPhoto } from "@/api/photos";
import { keepPhotoFrom, photoFor } from "@/server/photos/photos";
import { serve } from "@/server/http/serve";

export const GET = serve(readPhoto, ({ db, params, query, session }) =>
  photoFor(db, params.hash, query.small === "yes", session),
);
export const PUT = serve(
  putPhoto,
  ({ params, query, body, session }) => keepPhotoFrom(params.hash, query.handover ?? null, body, session),
  {
    transaction: false,
  },
);
