import { readFileSync } from "node:fs";
import { chromium } from "@playwright/test";
import { build } from "esbuild";
import { costOf } from "../../core/briefing/walk/cost";
import { planWalk } from "../../core/briefing/walk/plan-walk";
import { walkProblem } from "../../core/briefing/walk/problem";
import { walkOrders, type WalkInput, type WalkPlan } from "../../core/briefing/walk/schema";
import { walkInput } from "../../core/briefing/stops/walk-input";
import { largeWalk } from "../../testing/large-walk";
import { demoYachtFile } from "../../demo/yacht-file";

type Say = (what: string, figure: string) => void;
const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];

/** The walk planner against its bound, against orders told from memory, and its times with the processor slowed four times. */
export async function walkFigures(say: Say): Promise<void> {
  const bundled = await build({
    entryPoints: ["src/core/briefing/walk/plan-walk.ts"],
    bundle: true,
    format: "iife",
    globalName: "planner",
    write: false,
    logLevel: "error",
  });
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: ["--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    const page = await browser.newPage();
    await page.addScriptTag({ content: bundled.outputFiles[0]?.text ?? "" });
    await (await page.context().newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: 4 });
    const slowMs = (input: WalkInput) =>
      page.evaluate((given) => {
        const { planWalk: plan } = (globalThis as unknown as { planner: { planWalk: (input: unknown) => unknown } })
          .planner;
        const started = performance.now();
        plan(given);
        return performance.now() - started;
      }, input);
    const figure = (plan: WalkPlan, ms: number) =>
      `${Math.round(plan.walkSeconds)} s, bound ${Math.round(plan.boundSeconds)} s, ${plan.optimal ? "proven" : `gap ${Math.round((plan.walkSeconds / plan.boundSeconds - 1) * 100)} %`}, ${plan.repeats} repeats, open ${plan.open.map((each) => each.minutes.toFixed(0)).join(" + ")} min; ${ms.toFixed(0)} ms`;
    for (const order of walkOrders) {
      for (const slug of fleet) {
        const input = walkInput(demoYachtFile(slug), order);
        say(`walk, ${slug}, ${order}`, figure(planWalk(input), await slowMs(input)));
      }
      const large = largeWalk(order);
      say(`walk, 120 stops at 30 places, ${order}`, figure(planWalk(large), await slowMs(large)));
    }
  } finally {
    await browser.close();
  }
  fromMemory(say);
}

/** Orders that a briefer tells by heart, written down before they were measured: what they cost, and what they try too early. */
function fromMemory(say: Say): void {
  const walks = JSON.parse(readFileSync("demo/walks-from-memory.json", "utf8")) as {
    yacht: string;
    about: string;
    stops: string[];
  }[];
  for (const { yacht, about, stops } of walks) {
    const problem = walkProblem(walkInput(demoYachtFile(yacht), "shortest"));
    const sequence = stops.map((id) => problem.input.stops.findIndex((stop) => stop.id === id));
    const at = new Map(sequence.map((stop, i) => [stop, i]));
    const early = problem.precedence.before.reduce(
      (sum, list, stop) => sum + list.filter((earlier) => (at.get(earlier) ?? 0) > (at.get(stop) ?? 0)).length,
      0,
    );
    const forgotten = problem.input.stops.length - stops.length;
    say(
      `walk from memory, ${yacht}: ${about.split(",")[0] ?? ""}`,
      `${Math.round(costOf(problem, sequence).seconds)} s on foot, ${early} things before what they depend on, ${forgotten} forgotten`,
    );
  }
}
