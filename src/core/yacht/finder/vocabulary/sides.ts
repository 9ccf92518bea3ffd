import { rowsOf } from "./rows";

/** Where on a boat, in the words of sailors and of everybody; of a question they say which one, never what. */
export const sides = rowsOf(`
port | left | backbord | left hand | links
starboard | right | steuerbord | right hand | rechts
fore | forward | front | bow | vorne | vorn | bug | fwd
aft | stern | back | rear | hinten | heck | achtern
outside | deck | on deck | draussen | draußen
below | inside | unten | unter deck | below deck
`);
