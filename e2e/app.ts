interface AppUnderTest {
  port: number;
  /** database of this app, as the owner of its tables */
  ownerUrl: string;
  /** what another process of the app on the same database is started with */
  env: Record<string, string | undefined>;
}

const apps = JSON.parse(process.env.BRINECOVE_APPS ?? "[]") as AppUnderTest[];

/** The app this worker tests, with a copy of the demo's database of its own. */
export const app = apps[Number(process.env.TEST_PARALLEL_INDEX ?? 0)] ?? { port: 4321, ownerUrl: "", env: {} };
