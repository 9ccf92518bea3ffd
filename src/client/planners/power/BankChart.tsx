"use client";
import { CategoryScale, Chart, Filler, LinearScale, LineController, LineElement, PointElement } from "chart.js";
import { useSyncExternalStore } from "react";
import { Line } from "react-chartjs-2";

Chart.register(CategoryScale, Filler, LinearScale, LineController, LineElement, PointElement);

const font = { family: "Atkinson Hyperlegible Next Variable, sans-serif", size: 13 };

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
/** A canvas knows no variables: it is drawn anew when the look changes between day and night. */
function onLook(listener: () => void): () => void {
  const watch = new MutationObserver(listener);
  watch.observe(document.documentElement, { attributes: true, attributeFilter: ["data-look"] });
  return () => watch.disconnect();
}

interface Props {
  labels: readonly string[];
  percent: readonly number[];
  floor: number;
  words: { title: string; percent: string; floor: string };
}

/** The bank through the hours to come, with its floor. */
export function BankChart({ labels, percent, floor, words }: Props) {
  const look = useSyncExternalStore(onLook, () => document.documentElement.dataset.look ?? "day");
  const [ink, brass, line, ground] = ["--kelp", "--brass", "--line", "--soft"].map(colour);
  return (
    <div style={{ height: 190, padding: "10px 14px 4px" }}>
      <Line
        key={look}
        role="img"
        aria-label={words.title}
        data={{
          labels: [...labels],
          datasets: [
            {
              label: words.percent,
              data: [...percent],
              borderColor: ink ?? "",
              borderWidth: 3,
              pointRadius: 0,
              fill: "origin",
              backgroundColor: ground ?? "",
            },
            {
              label: words.floor,
              data: percent.map(() => floor),
              borderColor: brass ?? "",
              borderWidth: 2,
              borderDash: [6, 4],
              pointRadius: 0,
            },
          ],
        }}
        options={{
          maintainAspectRatio: false,
          animation: false,
          scales: {
            x: { ticks: { color: ink ?? "", font, maxTicksLimit: 5, maxRotation: 0 }, grid: { display: false } },
            y: {
              min: 0,
              max: 100,
              ticks: { color: ink ?? "", font, stepSize: 25, callback: (value) => `${value} %` },
              grid: { color: line ?? "" },
            },
          },
        }}
      />
    </div>
  );
}
