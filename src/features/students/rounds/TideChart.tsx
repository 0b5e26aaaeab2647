'use client';

import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { useEffect, useRef, useState } from 'react';
import { Bar } from 'react-chartjs-2';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

/** The average tide of each round, oldest first; the table below it holds the same figures. */
export function TideChart({
  rounds,
}: {
  readonly rounds: readonly { readonly label: string; readonly value: number }[];
}) {
  const box = useRef<HTMLDivElement>(null);
  const [tones, setTones] = useState({ over: '#c4780c', under: '#4b6578', ink: '#24271f', rule: '#d8cfba' });
  useEffect(() => {
    if (!box.current) return;
    const styles = getComputedStyle(box.current);
    const read = (name: string) => styles.getPropertyValue(name).trim();
    setTones({ over: read('--amber'), under: read('--slate'), ink: read('--ink'), rule: read('--rule') });
  }, []);
  if (rounds.length < 2) return null;
  return (
    <div ref={box} style={{ height: 180, marginBottom: 20 }}>
      <Bar
        aria-label="Average tide by round; the table below holds the figures"
        role="img"
        data={{
          labels: rounds.map((one) => one.label),
          datasets: [
            {
              data: rounds.map((one) => one.value),
              backgroundColor: rounds.map((one) => (one.value >= 0 ? tones.over : tones.under)),
              barThickness: 18,
            },
          ],
        }}
        options={{
          maintainAspectRatio: false,
          animation: false,
          scales: {
            y: { suggestedMin: -3, suggestedMax: 3, ticks: { color: tones.ink }, grid: { color: tones.rule } },
            x: { ticks: { color: tones.ink, font: { size: 11 } }, grid: { display: false } },
          },
        }}
      />
    </div>
  );
}
