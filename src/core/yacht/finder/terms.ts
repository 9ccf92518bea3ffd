/** Words that say nothing of what is asked for. */
const empty = new Set([
  "a",
  "an",
  "the",
  "is",
  "are",
  "was",
  "of",
  "to",
  "for",
  "in",
  "on",
  "at",
  "by",
  "my",
  "our",
  "i",
  "we",
  "you",
  "it",
  "there",
  "with",
  "and",
  "or",
  "do",
  "can",
  "please",
  "where",
  "what",
  "which",
  "from",
  "be",
  "this",
  "that",
  "who",
  "me",
  "get",
  "s",
  "t",
]);
const wrong =
  /\b(no|not|dead|stuck|blocked|jam\w*|broken|fails?|runs|keeps|overheat\w*|hot engine|empty|low|flat|will not|does not|doesn't|won't|ran out|alarm|leak\w*|smell\w*|spits?|trips?|smoke|fell)\b/;
const doing =
  /\b(how|use|start|switch|turn|open|close|shut|connect|disconnect|fill|empty|change|light|make|put|launch|inflate|hoist|raise|lower|reef|roll|furl|pick|call|leave|leaving|stop)\b/;

/** A word as it is compared: lower case, without a plural's or a verb's ending. */
export function stem(word: string): string {
  const plain = word.toLowerCase();
  if (plain.length > 5 && plain.endsWith("ies")) return `${plain.slice(0, -3)}y`;
  if (plain.length > 5 && plain.endsWith("ing")) return plain.slice(0, -3);
  if (plain.length > 4 && /(ss|us|is|gas)$/.test(plain)) return plain;
  if (plain.length > 3 && plain.endsWith("s") && plain !== "gas") return plain.slice(0, -1);
  return plain;
}

/** The words of a text, in order. */
export function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
}

/** The words of a question that say what is asked for; all of them when none would be left. */
export function askedWords(ask: string): string[] {
  const all = wordsOf(ask);
  const telling = all.filter(
    (word) => !empty.has(word) && !["how", "no", "not", "does", "will", "keeps", "have"].includes(word),
  );
  return telling.length > 0 ? telling : all;
}

/** What a question is after: something that is wrong, how to do something, or a thing. */
export function intentOf(ask: string): "fault" | "doing" | "thing" {
  const text = ask.toLowerCase();
  return wrong.test(text) ? "fault" : doing.test(text) ? "doing" : "thing";
}
