/** `help`: what there is. */
export async function run(): Promise<number> {
  console.log(
    [
      "./brinecove start            run it with demo data on http://127.0.0.1:4310 (BRINECOVE_PORT, DATABASE_URL, ORIGIN)",
      "./brinecove start --empty    run it without the demo; prints a code to set up a base of your own",
      "./brinecove stop             end what runs, also what a killed start has left",
      "./brinecove test [STEP]      types, lint, rooms, unit, browser; all of them without a name",
      "./brinecove dev              run it from the sources, with reloading",
      "./brinecove calc NAME        compute: JSON in, JSON out; --list shows the schemas",
      "./brinecove verify FILE …    check sealed records that were saved (zip or JSON); --key FILE says whose",
      "./brinecove verify --all     prove everything that lies here",
      "./brinecove backup FILE      everything of this installation in one file, also while people work",
      "./brinecove restore FILE     put a backup into an empty installation and prove it",
      "./brinecove doctor           what is well and what is not on this machine, and what to do",
      "./brinecove keys WHAT        list, change or wrap the keys that records are signed with",
      "./brinecove base add         print a code to set up a further base on this machine",
      "./brinecove screenshots      make every picture in docs/screenshots",
      "./brinecove measure          the figures of docs/measurements.md",
      "./brinecove reset-demo       throw away what was tried and load the demo anew; asks first",
      "./brinecove remove-demo      take the demo away and touch nothing else; asks first",
    ].join("\n"),
  );
  return 0;
}
