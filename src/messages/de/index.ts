import book from "./book.json";
import briefing from "./briefing.json";
import common from "./common.json";
import crewJoin from "./crew-join.json";
import errors from "./errors.json";
import handover from "./handover.json";
import message from "./message.json";
import settlement from "./settlement.json";
import signing from "./signing.json";
import underway from "./underway.json";
import yacht from "./yacht.json";

/** The German catalogue: all that a skipper and a crew see. What only the base's people see is not in it. */
export const de = {
  ...book,
  ...briefing,
  ...common,
  ...crewJoin,
  ...errors,
  ...handover,
  ...message,
  ...settlement,
  ...signing,
  ...underway,
  ...yacht,
};
