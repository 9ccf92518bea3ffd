import type { BerthingPlan, Order, Post } from "./schema";

/** Who of a crew does what: the posts of one person, and the orders at each step. */
export interface Person {
  posts: readonly Post[];
  /** as many as the plan has steps; empty where this person only stands by */
  steps: { code: string; orders: Order[] }[];
}

/** Which posts are whose, by how many there are; more than four leave the others to look on. */
const postsBy: readonly (readonly (readonly Post[])[])[] = [
  [["helm", "bow", "stern", "middle"]],
  [["helm"], ["bow", "stern", "middle"]],
  [["helm"], ["bow", "middle"], ["stern"]],
  [["helm"], ["bow"], ["stern"], ["middle"]],
];

/** The orders of a plan by person: the skipper first. */
export const peopleOf = ({ steps }: Pick<BerthingPlan, "steps">, crew: number): Person[] =>
  (postsBy[Math.min(crew, postsBy.length) - 1] ?? []).map((posts) => ({
    posts,
    steps: steps.map(({ code, orders }) => ({ code, orders: orders.filter(({ post }) => posts.includes(post)) })),
  }));
