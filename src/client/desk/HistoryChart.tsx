"use client";
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from "chart.js";
import { Bar } from "react-chartjs-2";
import type { HistoryRow } from "@/core/history/history";

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);

const font = { family: "Atkinson Hyperlegible Next Variable, sans-serif", size: 15 };
const kelp = "#10302b";
const brass = "#9a6700";

/** Pieces missing and things to be mended, a bar for each item; told by place and word as well as by tone. */
export function HistoryChart({
  rows,
  words,
}: {
  rows: HistoryRow[];
  words: { missing: string; broken: string; title: string };
}) {
  return (
    <div style={{ height: 60 + rows.length * 38, maxWidth: 900 }}>
      <Bar
        role="img"
        aria-label={words.title}
        data={{
          labels: rows.map((row) => row.name),
          datasets: [
            {
              label: words.missing,
              data: rows.map((row) => row.missing),
              backgroundColor: brass,
              borderColor: kelp,
              borderWidth: 1.5,
            },
            {
              label: words.broken,
              data: rows.map((row) => row.broken),
              backgroundColor: "#ffffff",
              borderColor: kelp,
              borderWidth: 1.5,
            },
          ],
        }}
        options={{
          indexAxis: "y",
          maintainAspectRatio: false,
          animation: false,
          color: kelp,
          font,
          scales: {
            x: {
              stacked: true,
              beginAtZero: true,
              ticks: { precision: 0, color: kelp, font },
              grid: { color: "#cfcbb9" },
            },
            y: { stacked: true, ticks: { color: kelp, font, autoSkip: false }, grid: { display: false } },
          },
          plugins: { legend: { labels: { color: kelp, font } }, tooltip: { bodyFont: font, titleFont: font } },
        }}
      />
    </div>
  );
}
