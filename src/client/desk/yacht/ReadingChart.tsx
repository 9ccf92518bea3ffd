"use client";
import { CategoryScale, Chart, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { Line } from "react-chartjs-2";

Chart.register(CategoryScale, LinearScale, LineController, LineElement, PointElement);

const font = { family: "Atkinson Hyperlegible Next Variable, sans-serif", size: 13 };
const kelp = "#10302b";

/** One reading over time, small; the newest stands out by its size. */
export function ReadingChart({ points, words }: { points: readonly { day: string; value: number }[]; words: string }) {
  return (
    <div style={{ height: 110 }}>
      <Line
        role="img"
        aria-label={words}
        data={{
          labels: points.map(({ day }) => day),
          datasets: [
            {
              data: points.map(({ value }) => value),
              borderColor: kelp,
              borderWidth: 2,
              backgroundColor: "#fffdf7",
              pointBorderColor: points.map((_, at) => (at === points.length - 1 ? "#8a5a0b" : kelp)),
              pointRadius: points.map((_, at) => (at === points.length - 1 ? 6 : 3)),
            },
          ],
        }}
        options={{
          maintainAspectRatio: false,
          animation: false,
          color: kelp,
          scales: {
            x: { ticks: { color: kelp, font, maxTicksLimit: 3 }, grid: { display: false } },
            y: { ticks: { color: kelp, font, maxTicksLimit: 3 }, grid: { color: "#cfcbb9" }, grace: "10%" },
          },
        }}
      />
    </div>
  );
}
