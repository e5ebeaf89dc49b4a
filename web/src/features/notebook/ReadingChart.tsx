import { Chart, LinearScale, LineController, LineElement, PointElement, type ChartDataset } from 'chart.js';
import { useEffect, useRef } from 'react';
import type { LearnedHabit } from '../../api/client';
import { alike, month, months } from './axis';

Chart.register(LineController, LineElement, PointElement, LinearScale);

const UNITS: Record<LearnedHabit['kind'], string> = { BULK: 'mm', SPRING: '%', SINK: '%', SLACK: '%', PACE: 'min' };

/** Room that the name of a month and its year take, CSS pixels. */
const MONTH_PX = 96;

/** The readings of a habit by the day each book was finished; the table beside it says the same in words. */
export default function ReadingChart({ habit }: { habit: LearnedHabit }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const place = canvas.current;
    if (!place) {
      return undefined;
    }
    let chart = drawn(place, habit);
    // its colours are those of the lamp that is lit
    const lamp = new MutationObserver(() => {
      chart.destroy();
      chart = drawn(place, habit);
    });
    lamp.observe(document.documentElement, { attributeFilter: ['data-theme'] });
    return () => {
      lamp.disconnect();
      chart.destroy();
    };
  }, [habit]);
  const { lesson } = habit;
  return (
    <figure className="learned-chart">
      <div>
        <canvas
          ref={canvas}
          role="img"
          aria-label={`Readings of ${habit.kindWords.toLowerCase()}, ${habit.name}, by the day; the table tells each`}
        />
      </div>
      <figcaption>
        <span className="learned-key learned-key-reading">a book</span>
        {lesson && <span className="learned-key learned-key-median">the middle</span>}
        {lesson && <span className="learned-key learned-key-range">eight of ten</span>}
        <span className="learned-key learned-key-usual">usual</span>
      </figcaption>
    </figure>
  );
}

function drawn(place: HTMLCanvasElement, habit: LearnedHabit) {
  const style = getComputedStyle(document.documentElement);
  const colour = (name: string) => style.getPropertyValue(name).trim();
  const days = habit.readings.map((one) => one.day);
  // as wide that the months under it differ
  const first = Math.min(...days) - 45;
  const last = Math.max(...days) + 45;
  const level = (number: number, line: string, dash: number[], width: number): ChartDataset<'line'> => ({
    data: [
      { x: first, y: number },
      { x: last, y: number },
    ],
    borderColor: line,
    borderDash: dash,
    borderWidth: width,
    pointRadius: 0,
  });
  const { lesson } = habit;
  const datasets: ChartDataset<'line'>[] = [
    {
      data: habit.readings.map((one) => ({ x: one.day, y: one.value.number })),
      showLine: false,
      pointRadius: habit.readings.map((one) => (one.farOff ? 8 : 5)),
      pointStyle: habit.readings.map((one) => (one.farOff ? 'crossRot' : 'circle')),
      pointBorderWidth: 2,
      pointBorderColor: colour('--indigo'),
      pointBackgroundColor: habit.readings.map((one) => (one.out ? 'transparent' : colour('--indigo'))),
    },
    level(habit.usual.number, colour('--madder'), [2, 4], 2),
    ...(lesson
      ? [
          level(lesson.median.number, colour('--ink'), [], 2),
          level(lesson.low.number, colour('--quiet'), [8, 4], 1),
          level(lesson.high.number, colour('--quiet'), [8, 4], 1),
        ]
      : []),
  ];
  const ticks = { color: colour('--quiet'), font: { family: 'Barlow Semi Condensed', size: 14 } };
  return new Chart(place, {
    type: 'line',
    data: { datasets },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      scales: {
        x: {
          type: 'linear',
          min: first,
          max: last,
          grid: { color: colour('--rule') },
          afterBuildTicks: (axis) => {
            axis.ticks = months(first, last, Math.floor(axis.chart.width / MONTH_PX)).map((value) => ({ value }));
          },
          ticks: { ...ticks, autoSkip: false, maxRotation: 0, callback: (day) => month(Number(day)) },
        },
        y: {
          grid: { color: colour('--rule') },
          ticks: {
            ...ticks,
            maxTicksLimit: 6,
            callback: (number, _, all) => `${alike(Number(number), all)}\u202f${UNITS[habit.kind]}`,
          },
          grace: '12%',
        },
      },
    },
  });
}
