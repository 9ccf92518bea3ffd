import { localize } from "@/core/basics/words";
import type { Cell, Folded } from "@/core/handover/fold";
import type { Line } from "@/core/handover/lines";
import type { HandoverList } from "@/core/handover/list";
import { statusOf } from "@/core/handover/state";

/** What of the list is looked at: what comes first, what is left, here or on this level, what is odd, everything. */
export const lineViews = ["first", "left", "here", "level", "odd", "all"] as const;
export type LineView = (typeof lineViews)[number];

/** The lines of a list by what one looks for, from where one stands. */
export class OverviewLines {
  readonly first: readonly Line[];

  constructor(
    private readonly list: HandoverList,
    private readonly folded: Folded,
    private readonly place: string,
  ) {
    this.first = (list.first ?? []).flatMap((each) => list.lines.filter((line) => line.id === each.line));
  }

  isLeft(line: Line): boolean {
    return statusOf(this.folded, line).step !== "done";
  }

  placeName(id: string): string {
    return localize(this.list.places.find((place) => place.id === id)?.name ?? { en: id });
  }

  levelOf(place: string) {
    return this.list.places.find((each) => each.id === place)?.level;
  }

  /** The lines of a view, in the order in which they are worked. */
  of(view: LineView): readonly Line[] {
    return (view === "first" ? this.first : this.list.lines).filter((line) => this.isIn(line, view));
  }

  /** The lines whose name or place holds what is typed, or the one with a number: `#12` is the twelfth on paper. */
  found(wanted: string): readonly Line[] {
    const { lines } = this.list;
    if (/^#\d+$/.test(wanted)) return lines.slice(Number(wanted.slice(1)) - 1).slice(0, 1);
    return lines.filter((line) =>
      `${localize(line.name)} ${this.placeName(line.place)}`.toLowerCase().includes(wanted),
    );
  }

  private isIn(line: Line, view: LineView): boolean {
    switch (view) {
      case "first":
      case "all":
        return true;
      case "left":
        return this.isLeft(line);
      case "here":
        return this.isLeft(line) && line.place === this.place;
      case "level":
        return this.isLeft(line) && this.levelOf(line.place) === this.levelOf(this.place);
      case "odd": {
        // by whomever it was found: that is what briefer and skipper want to see of what the crew counts
        const status = statusOf(this.folded, line);
        return status.step === "fork" || (status.step === "done" && status.verdict !== "fine");
      }
    }
  }
}

/** The person who said what stands in a cell; empty where nobody did. */
export const personOf = (cell: Cell): string => cell.heads[0]?.by.person ?? "";
