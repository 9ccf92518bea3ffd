import { strangeTimes } from "../../core/handover/sealed-file";
import { CommandError } from "../command-error";
import { dataFolder } from "../database";
import { prepareDatabase } from "../prepare";
import { proveAll } from "../verify/all";
import { trustedKeys } from "../verify/keys";
import { printOf, problemsOf } from "../verify/problems";
import { readExported, type Exported } from "../verify/read";

/**
 * `verify FILE … [--key FILE]`: names what was changed in sealed records saved as zip or JSON, whether they are signed
 * with the base's key, and whether they follow one another; 1 when anything is wrong. `verify --all` proves what lies here.
 */
export async function run(args: string[]): Promise<number> {
  if (args.includes("--all")) return verifyAll();
  const { files, keys } = asked(args);
  const trusted = trustedKeys(keys);
  const exported = files.map(readExported);
  let problems = 0;
  const say = (file: string, problem: string) => {
    problems += 1;
    console.log(`${file}: ${problem}`);
  };
  for (const each of exported) {
    const found = problemsOf(each, trusted);
    for (const problem of found) say(each.file, problem);
    if (found.length === 0) console.log(`${each.file}: ${soundWords(each, trusted)}`);
    for (const time of strangeTimes(each.record)) console.log(`${each.file}: there is no such time as ${time}`);
  }
  for (const each of exported) {
    const follows = followWords(each, exported);
    if (follows?.isWrong) say(each.file, follows.words);
    else if (follows) console.log(`${each.file}: ${follows.words}`);
  }
  return problems === 0 ? 0 : 1;
}

/** `verify --all`: proves everything that this installation holds. */
async function verifyAll(): Promise<number> {
  const { database, appUrl } = await prepareDatabase("main");
  process.env.BRINECOVE_DATA = dataFolder();
  try {
    const { lines, problems } = await proveAll(appUrl);
    console.log([...lines, ...problems].join("\n") || "There is no base yet.");
    return problems.length === 0 ? 0 : 1;
  } finally {
    database.stop();
  }
}

function asked(args: readonly string[]): { files: string[]; keys: string[] } {
  const keys = args.flatMap((each, at) => (args[at - 1] === "--key" ? [each] : []));
  const files = args.filter((each, at) => each !== "--key" && args[at - 1] !== "--key");
  if (args.at(-1) === "--key") throw new CommandError("Say which key after --key: a PEM file or the base's keys.json.");
  if (files.length === 0)
    throw new CommandError(
      "Say which files: ./brinecove verify check-in.zip check-out.zip --key keys.json, or verify --all",
    );
  return { files, keys };
}

/** Whether a check-out goes back to the check-in that lies beside it; nothing where none does. */
function followWords({ record }: Exported, all: readonly Exported[]): { words: string; isWrong: boolean } | null {
  const checkIns = all.filter((each) => each.record.list.kind === "check-in");
  if (record.list.kind !== "check-out" || checkIns.length === 0) return null;
  const own = checkIns.find((each) => each.record.seal === record.list.checkInSeal);
  if (own) return { words: `goes back to ${own.file}`, isWrong: false };
  const beside = checkIns.map(({ file }) => file).join(", ");
  return { words: `does not go back to ${beside}: it holds another check-in's seal`, isWrong: true };
}

/** What is proved of a record in which nothing was changed, and what is not. */
function soundWords({ record, receipt, files }: Exported, trusted: ReadonlySet<string>): string {
  const { entries, manifest, seal, sealedAt } = record;
  if (!receipt || !files)
    return `${entries.length} entries: list, entries, words and signatures fit the seal ${seal}. Not authenticated: without the zip's receipt anybody could have made it. Not covered: when it was received and what was added since`;
  const linkKey = printOf(receipt.linkKey?.publicKey ?? receipt.publicKey);
  const proof =
    trusted.size > 0
      ? `signed with the base's key ${linkKey}`
      : `signed with the key ${linkKey}. Not authenticated: give the base's key with --key, or compare its number with what the base tells you`;
  const said = `${entries.length} entries, ${manifest.photos.length} photos: nothing was changed. Seal ${seal}; link ${receipt.number} in the chain of ${receipt.yacht}, ${proof}`;
  return receipt.files
    ? `sealed ${sealedAt}, ${said}`
    : `${said}. Not covered by a receipt of the first form: the time of sealing beyond its signatures, and the number in the chain`;
}
