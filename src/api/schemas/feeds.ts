import type { FeedKind } from "../../core/feeds/outgoing";

/** A calendar of ours that other programs read. */
export interface FeedView {
  id: string;
  kind: FeedKind;
  yacht: string | null;
  withNames: boolean;
  by: string;
  at: string;
  readAt: string | null;
}

/** A calendar of somebody else that is read here. */
export interface ForeignFeedView {
  id: string;
  name: string;
  /** host of its address: the rest may be a secret */
  host: string;
  yacht: string;
  by: string;
  readAt: string | null;
  /** code of what kept it from being read since */
  fault: string | null;
  /** days that it promises from now on */
  promised: number;
}

/** What the page of calendars begins with. */
export interface FeedsView {
  timeZone: string;
  yachts: { slug: string; name: string }[];
  feeds: FeedView[];
  foreign: ForeignFeedView[];
}
