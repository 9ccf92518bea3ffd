/** `help`: what there is. */
export async function run(): Promise<number> {
  console.log(
    [
      "./brinecove start            run it with demo data on http://127.0.0.1:4310 (BRINECOVE_PORT, DATABASE_URL, ORIGIN)",
      "./brinecove stop             end what runs, also what a killed start has left",
      "./brinecove test [STEP]      types, lint, rooms, unit, browser; all of them without a name",
      "./brinecove dev              run it from the sources, with reloading",
      "./brinecove calc NAME        compute: JSON in, JSON out; --list shows the schemas",
      "./brinecove verify FILE …    check sealed records that were saved (zip or JSON); --key FILE says whose",
      "./brinecove keys WHAT        list, change or wrap the keys that records are signed with",
      "./brinecove screenshots      make every picture in docs/screenshots",
      "./brinecove measure          the figures of docs/measurements.md",
      "./brinecove reset-demo       throw away all data and load the demo anew; asks first",
    ].join("\n"),
  );
  return 0;
}
