import book from "./book.json";
import briefing from "./briefing.json";
import calendar from "./calendar.json";
import charters from "./charters.json";
import coming from "./coming.json";
import common from "./common.json";
import crewJoin from "./crew-join.json";
import desk from "./desk.json";
import drills from "./drills.json";
import errors from "./errors.json";
import faults from "./faults.json";
import feeds from "./feeds.json";
import fleet from "./fleet.json";
import handover from "./handover.json";
import imports from "./imports.json";
import lists from "./lists.json";
import log from "./log.json";
import message from "./message.json";
import privates from "./private.json";
import setUp from "./set-up.json";
import people from "./people.json";
import programs from "./programs.json";
import settlement from "./settlement.json";
import signing from "./signing.json";
import underway from "./underway.json";
import yacht from "./yacht.json";

/** The English catalogue: one file for each subject. */
export const en = {
  ...book,
  ...briefing,
  ...calendar,
  ...charters,
  ...coming,
  ...common,
  ...crewJoin,
  ...desk,
  ...drills,
  ...errors,
  ...faults,
  ...feeds,
  ...fleet,
  ...handover,
  ...imports,
  ...lists,
  ...log,
  ...message,
  ...privates,
  ...setUp,
  ...people,
  ...programs,
  ...settlement,
  ...signing,
  ...underway,
  ...yacht,
};
