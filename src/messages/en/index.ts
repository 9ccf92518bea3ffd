import book from "./book.json";
import briefing from "./briefing.json";
import common from "./common.json";
import crewJoin from "./crew-join.json";
import desk from "./desk.json";
import errors from "./errors.json";
import fleet from "./fleet.json";
import handover from "./handover.json";
import settlement from "./settlement.json";
import signing from "./signing.json";
import yacht from "./yacht.json";

/** The English catalogue: one file for each subject. */
export const en = {
  ...book,
  ...briefing,
  ...common,
  ...crewJoin,
  ...desk,
  ...errors,
  ...fleet,
  ...handover,
  ...settlement,
  ...signing,
  ...yacht,
};
