import { lastReceived } from "../../server/db/installation";
import { broken, well, type Look } from "./look";

const aMinuteMs = 60_000;

/** A clock that went back makes times that contradict what was recorded before. */
export const clock: Look = {
  name: "clock",
  look: async ({ owner, at }) => {
    const last = await lastReceived(owner);
    return last !== null && Date.parse(last) - at.getTime() > aMinuteMs
      ? broken(
          `the clock says ${at.toISOString()}, and something was received at ${last}: set the clock right before anybody records`,
        )
      : well(`${at.toISOString()}, after everything that was recorded`);
  },
};
