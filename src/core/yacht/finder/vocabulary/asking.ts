/** Words that say nothing of what is asked for. */
export const empty: ReadonlySet<string> = new Set(
  `a an the is are was were am of to for in at by my our your i we you it its there here with and or do does can could should would
   please where what which from be this that these those who me get got have has had need needs want find how when if then now
   her she he they them us does did will shall may might just some any one go goes going comes come coming s t m re ve ll also
   only really very much many more about into out onto than so but as use used using work works working operate function
   boat yacht ship aboard board thing things stuff place located location way
   whole all every everything everyone before after while during first then again still now today tomorrow always already other
   another my mine his their best right quick quickly fast properly correctly good bad new old help me tell show explain know
   make made making do did done doing let lets like want wants needed possible allowed because since until without under over
   who whose why not too both each same way ways kind sort bit little lot lots maybe think sure guys people someone somebody
   der die das ein eine einen ist sind wo wie was welche welcher und oder mit für von zu im in am auf ich wir man kann muss gibt es bitte den dem boot schiff`
    .trim()
    .split(/\s+/),
);

/** What a question asks, by the words that it has. */
export const asking = {
  how: ["how", "use", "using", "work", "works", "operate", "wie", "procedure", "steps"],
  where: ["where", "wheres", "find", "located", "location", "wo", "which locker", "which side"],
  amount: ["how many", "how much", "number of", "wieviel", "wie viele", "wieviele", "wie viel", "count"],
} as const;

/** Things that happen, which nobody asks for who is well. */
export const happenings: ReadonlySet<string> = new Set([
  "overboard",
  "fire",
  "water in",
  "water in the bilge",
  "capsize",
  "abandon ship",
  "smell",
  "alarm",
  "hot",
  "hurt",
  "distress call",
]);
