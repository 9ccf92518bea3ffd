import { orphanedPhotos } from "../../server/db/photo-orphans";
import { well, worthALook, type Look } from "./look";

/** Photos to which nothing leads: of entries that never came, or of something that was taken back. */
export const photos: Look = {
  name: "photos",
  look: async ({ owner }) => {
    const { all, orphaned } = await orphanedPhotos(owner);
    return orphaned > 0
      ? worthALook(
          `${orphaned} of ${all} belong to nothing yet: what they belong to may still be on a tablet without signal. They are kept`,
        )
      : well(`${all}, each belongs to something`);
  },
};
