import { isStarted } from "../running/note";
import { needFreePort } from "../serve";
import { broken, well, type Look } from "./look";

/** Whether the app answers, where it runs; else whether the next start will find its port. */
export const port: Look = {
  name: "port",
  look: async () => {
    const number = Number(process.env.BRINECOVE_PORT ?? 4310);
    if (!isStarted()) {
      await needFreePort(number);
      return well(`Brinecove does not run here; port ${number} is free for it`);
    }
    const answer = await fetch(`http://127.0.0.1:${number}/api/health`).catch(() => null);
    return answer?.ok
      ? well(`Brinecove runs and answers on port ${number}`)
      : broken(`Brinecove runs and does not answer on port ${number}: ./brinecove stop, then start it again`);
  },
};
